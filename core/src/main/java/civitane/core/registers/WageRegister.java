package civitane.core.registers;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/** What employers report. Throws {@link RegisterSilent} when it does not answer. */
public final class WageRegister {
  private static final String NUMBER = "residentNumber";
  private static final String EMPLOYER = "employer";

  private final Registers registers;

  public WageRegister(Registers registers) {
    this.registers = registers;
  }

  /** The question what somebody is paid a month. */
  public static RegisterQuestion question(String residentNumber) {
    return RegisterQuestion.of(RegisterName.WAGES, Map.of(NUMBER, residentNumber));
  }

  /** A wage as a row has it. */
  public static Wage read(RegisterRow row) {
    return new Wage(row.text(EMPLOYER), row.amount("monthly"));
  }

  public List<Wage> wages(String residentNumber) {
    return registers.ask(question(residentNumber)).stream()
        .map(WageRegister::read)
        .toList();
  }

  /** What each employer reported for the last completed calendar quarters before a day, the earliest first. */
  public List<WageQuarters> quarters(String residentNumber, LocalDate before) {
    var asked = RegisterQuestion.of(
        RegisterName.WAGES, Map.of(NUMBER, residentNumber, "quartersBefore", before.toString()));
    var earned = new LinkedHashMap<String, SortedMap<Quarter, Amount>>();
    for (var row : registers.ask(asked)) {
      earned
          .computeIfAbsent(row.text(EMPLOYER), employer -> new TreeMap<>())
          .put(Quarter.parse(row.text("quarter")), row.amount("earned").round2());
    }
    return earned.entrySet().stream()
        .map(one -> new WageQuarters(one.getKey(), one.getValue()))
        .toList();
  }
}
