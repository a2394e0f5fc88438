package civitane.app.registers;

import civitane.core.money.Amount;
import civitane.core.registers.Wage;
import civitane.core.registers.WageQuarters;
import civitane.core.registers.WageRegister;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

@Component
class StandInWages implements WageRegister {
  static final String NAME = "wages";
  private static final int QUARTERS = 5;
  private static final int MONTHS = 3;

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

  /** The stand-in knows a month's wage only, and takes it for every month of the last five quarters. */
  @Override
  public List<WageQuarters> quarters(String residentNumber, LocalDate before) {
    return wages(residentNumber).stream()
        .map(wage -> new WageQuarters(wage.employer(), lastQuarters(wage.monthly(), before)))
        .toList();
  }

  private static SortedMap<Quarter, Amount> lastQuarters(Amount monthly, LocalDate before) {
    var earned = new TreeMap<Quarter, Amount>();
    for (var back = QUARTERS; back > 0; back--) {
      earned.put(Quarter.of(before).minus(back), monthly.times(MONTHS).round2());
    }
    return earned;
  }
}
