package civitane.app.registers;

import civitane.core.money.Amount;
import civitane.core.registers.TaxRecord;
import civitane.core.registers.TaxRegister;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

@Component
class StandInTax implements TaxRegister {
  static final String NAME = "tax";

  private record Row(String residentNumber, int year, TaxRecord tax) {}

  private final RegisterCalls calls;
  private final List<Row> rows = RegisterFile.rows(
      NAME,
      row -> new Row(
          row.get("residentNumber"),
          Integer.parseInt(row.get("year")),
          new TaxRecord(
              Boolean.parseBoolean(row.get("filed")),
              row.get("assessedIncome").isEmpty() ? null : Amount.of(row.get("assessedIncome")))));

  StandInTax(RegisterCalls calls) {
    this.calls = calls;
  }

  @Override
  public Optional<TaxRecord> of(String residentNumber, int year) {
    return calls.ask(
        NAME,
        () -> rows.stream()
            .filter(row -> row.residentNumber().equals(residentNumber) && row.year() == year)
            .map(Row::tax)
            .findFirst());
  }
}
