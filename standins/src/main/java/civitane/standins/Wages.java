package civitane.standins;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What employers report: by the month, or by the last completed quarters before a day when that is asked. */
final class Wages implements Register {
  private static final String BEFORE = "quartersBefore";
  private static final int QUARTERS = 5;
  private static final int MONTHS = 3;

  private final Table table = Table.named("wages");

  @Override
  public List<Map<String, String>> rows() {
    return table.rows();
  }

  @Override
  public List<Map<String, String>> answer(Map<String, String> question) {
    var wages = table.answer(Map.of("residentNumber", question.getOrDefault("residentNumber", "")));
    var before = question.get(BEFORE);
    return before == null
        ? wages
        : wages.stream()
            .flatMap(wage -> quarters(wage, LocalDate.parse(before)))
            .toList();
  }

  /** A month's wage is known only, and taken for every month of the quarters. */
  private static Stream<Map<String, String>> quarters(Map<String, String> wage, LocalDate before) {
    var earned = new BigDecimal(wage.get("monthly")).multiply(BigDecimal.valueOf(MONTHS));
    return Stream.iterate(QUARTERS, back -> back > 0, back -> back - 1)
        .map(back -> Map.of(
            "residentNumber", wage.get("residentNumber"),
            "employer", wage.get("employer"),
            "quarter", quarter(before.minusMonths((long) MONTHS * back)),
            "earned", earned.toPlainString()));
  }

  private static String quarter(LocalDate day) {
    return day.getYear() + "Q" + ((day.getMonthValue() - 1) / MONTHS + 1);
  }
}
