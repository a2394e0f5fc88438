package civitane.core.registers;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What was assessed for tax. Throws {@link RegisterSilent} when it does not answer. */
public final class TaxRegister {
  /** The month from which the calendar year before is assessed. */
  private static final int ASSESSED_FROM = 9;

  private final Registers registers;

  public TaxRegister(Registers registers) {
    this.registers = registers;
  }

  public Optional<TaxRecord> of(String residentNumber, int year) {
    return read(registers.ask(question(residentNumber, year)));
  }

  /** The question what was assessed for somebody's year. */
  public static RegisterQuestion question(String residentNumber, int year) {
    return RegisterQuestion.of(
        RegisterName.TAX, Map.of("residentNumber", residentNumber, "year", Integer.toString(year)));
  }

  /** What was assessed; empty where nothing is known of that year. */
  public static Optional<TaxRecord> read(List<RegisterRow> rows) {
    return rows.stream()
        .map(row -> new TaxRecord(
            Boolean.parseBoolean(row.text("filed")), row.amountOrNull("assessedIncome")))
        .findFirst();
  }

  /** The last year that has been assessed on a day. */
  public static int lastYear(LocalDate today) {
    return (today.getMonthValue() >= ASSESSED_FROM ? today.getYear() : today.getYear() - 1) - 1;
  }
}
