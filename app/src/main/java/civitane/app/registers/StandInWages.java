package civitane.app.registers;

import civitane.core.money.Amount;
import civitane.core.registers.Wage;
import civitane.core.registers.WageRegister;
import java.util.List;
import org.springframework.stereotype.Component;

@Component
class StandInWages implements WageRegister {
  static final String NAME = "wages";

  private record Row(String residentNumber, Wage wage) {}

  private final RegisterCalls calls;
  private final List<Row> rows = RegisterFile.rows(
      NAME,
      row -> new Row(
          row.get("residentNumber"), new Wage(row.get("employer"), Amount.of(row.get("monthly")))));

  StandInWages(RegisterCalls calls) {
    this.calls = calls;
  }

  @Override
  public List<Wage> wages(String residentNumber) {
    return calls.ask(
        NAME,
        () -> rows.stream()
            .filter(row -> row.residentNumber().equals(residentNumber))
            .map(Row::wage)
            .toList());
  }
}
