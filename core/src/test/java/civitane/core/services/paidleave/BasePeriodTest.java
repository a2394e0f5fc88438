package civitane.core.services.paidleave;

import civitane.core.facts.Told;
import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** The base period: the first four of the last five quarters completed before the absence. */
public class BasePeriodTest {

  private static PaidLeaveAnswers earning(Map<String, Object> more, Object... quartersAndEuros) {
    var quarters = new java.util.LinkedHashMap<String, Object>();
    for (var i = 0; i < quartersAndEuros.length; i += 2) {
      quarters.put((String) quartersAndEuros[i], Amount.of((int) quartersAndEuros[i + 1]));
    }
    var answers = new java.util.LinkedHashMap<String, Object>(more);
    answers.put("employers", List.of(Map.of("quarters", quarters)));
    return Told.as(PaidLeaveAnswers.class, answers);
  }

  @DataProvider
  public static Object[][] days() {
    return new Object[][] {
      {"2026-10-01", "[2025Q3, 2025Q4, 2026Q1, 2026Q2]"},
      {"2026-12-31", "[2025Q3, 2025Q4, 2026Q1, 2026Q2]"},
      {"2026-09-30", "[2025Q2, 2025Q3, 2025Q4, 2026Q1]"},
      {"2027-01-01", "[2025Q4, 2026Q1, 2026Q2, 2026Q3]"},
    };
  }

  @Test(dataProvider = "days")
  public void goesByTheQuarterTheAbsenceBeginsIn(String day, String quarters) {
    assertEquals(
        BasePeriod.of(LocalDate.parse(day), earning(Map.of()))
            .earnings()
            .keySet()
            .toString(),
        quarters);
  }

  @Test
  public void whatWasEarnedOutsideItDoesNotCount() {
    var base = BasePeriod.of(
        LocalDate.parse("2026-11-16"),
        earning(Map.of(), "2025Q2", 90_000, "2025Q3", 5_200, "2026Q2", 7_800, "2026Q3", 90_000));
    assertEquals(base.highest(), Amount.of(7_800));
    assertEquals(base.averageWeekly(), Amount.of(500), "(7,800 + 5,200) / 26");
    assertEquals(base.earnings().get(Quarter.parse("2025Q4")), Amount.ZERO);
  }

  @Test
  public void ownBusinessCountsOnlyForThoseWhoAreEnrolled() {
    for (var enrolled : new boolean[] {true, false}) {
      var own = Map.of("enrolled", enrolled, "quarters", Map.of("2026Q1", Amount.of(2_600)));
      var base = BasePeriod.of(
          LocalDate.parse("2026-11-16"),
          earning(Map.of("selfEmployed", own), "2026Q1", 2_600, "2026Q2", 2_600));
      assertEquals(base.highest(), Amount.of(enrolled ? 5_200 : 2_600));
      assertEquals(base.averageWeekly(), Amount.of(enrolled ? 300 : 200));
    }
  }

  @Test
  public void theWeekIsRoundedHalfUpToTheCent() {
    var base = BasePeriod.of(
        LocalDate.parse("2026-11-16"), earning(Map.of(), "2026Q1", 10_400, "2026Q2", 9_900));
    assertEquals(base.averageWeekly(), Amount.of("780.77"));
  }
}
