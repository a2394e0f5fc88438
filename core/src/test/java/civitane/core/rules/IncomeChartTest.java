package civitane.core.rules;

import civitane.core.facts.Frequency;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateShelf;
import civitane.core.services.Services;
import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What the income charts print is what the rate book of the day holds. */
public class IncomeChartTest {
  private static RateBook on(String day) {
    return RateShelf.shipped().on(LocalDate.parse(day)).orElseThrow();
  }

  private static List<IncomeChart> charts(String service, String day) {
    return Services.named(service).orElseThrow().charts(on(day));
  }

  @Test
  public void mealsByHand() {
    // 13,200 x 120 % for the first; 0.55 and 0.35 of that for each further person.
    var free = charts("schoolMeals", "2026-11-23").get(0);
    assertEquals(free.first().round2(), Amount.of("15840.00"));
    assertEquals(free.from14().round2(), Amount.of("8712.00"));
    assertEquals(free.under14().round2(), Amount.of("5544.00"));
    assertEquals(free.each(), Frequency.YEARLY);
  }

  @Test
  public void monthlyChartsAreATwelfth() {
    var yearly = IncomeChart.ofBase(Why.PROVISIONAL.with(), on("2026-11-23"), Amount.of(110));
    var monthly =
        IncomeChart.ofBaseMonthly(Why.PROVISIONAL.with(), on("2026-11-23"), Amount.of(110));
    assertEquals(monthly.first().times(12).round2(), yearly.first().round2());
    assertEquals(monthly.first().round2(), Amount.of("1210.00"));
  }

  @Test
  public void sumsThatDoNotDependOnTheSizeStandAlone() {
    var dental = charts("childDental", "2026-11-23");
    assertEquals(
        dental.stream().map(IncomeChart::first).toList(),
        List.of(Amount.of(480), Amount.of(300), Amount.of(150)));
    assertTrue(dental.stream().allMatch(line -> line.from14() == null && line.under14() == null));
  }

  @Test
  public void aServiceHasAsManyLinesInBothBooks() {
    var withCharts = Services.all().stream()
        .filter(service -> !service.charts(on("2026-11-23")).isEmpty())
        .toList();
    assertEquals(withCharts.size(), 8);
    for (var service : withCharts) {
      assertEquals(
          service.charts(on("2026-02-01")).size(),
          service.charts(on("2026-11-23")).size(),
          service.word());
    }
  }
}
