package civitane.core.registers;

import java.util.Map;
import java.util.Optional;

/** What was assessed for tax. Throws {@link RegisterSilent} when it does not answer. */
public final class TaxRegister {
  private final Registers registers;

  public TaxRegister(Registers registers) {
    this.registers = registers;
  }

  public Optional<TaxRecord> of(String residentNumber, int year) {
    var asked = Map.of("residentNumber", residentNumber, "year", Integer.toString(year));
    return registers.ask(RegisterQuestion.of(RegisterName.TAX, asked)).stream()
        .map(row -> new TaxRecord(
            Boolean.parseBoolean(row.text("filed")), row.amountOrNull("assessedIncome")))
        .findFirst();
  }
}
