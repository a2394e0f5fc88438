package civitane.core.services.paymentarrangement;

import civitane.core.money.Amount;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.Random;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** A debt in parts: every cent is in it once, and every part falls due on a working day. */
public class InstalmentPlanTest {

  private static InstalmentPlan plan(String total, String percent, int months, String first) {
    return InstalmentPlan.of(Amount.of(total), Amount.of(percent), months, LocalDate.parse(first));
  }

  @Test
  public void theLastPartTakesTheRemainder() {
    // 8 % of 1,000 = 80 at once; 920 in 7: 131.42 each, 131.48 at the end.
    var plan = plan("1000", "8", 7, "2026-12-01");
    assertEquals(plan.down(), Amount.of(80));
    assertEquals(plan.part(), Amount.of("131.42"));
    assertEquals(plan.last(), Amount.of("131.48"));
  }

  @Test
  public void theDayStaysOrIsTheLastOfAShorterMonth() {
    var plan = plan("600", "10", 4, "2027-01-29");
    // 29 January is a Friday; 28 February a Sunday, so 1 March; 29 March is Easter Monday, so 30
    // March; 29 April a Thursday.
    assertEquals(plan.dueOn().toString(), "[2027-01-29, 2027-03-01, 2027-03-30, 2027-04-29]");
  }

  @Test
  public void aPartIsDueOnTheDayOfTheMonthNotOnTheDayTheLastOneMovedTo() {
    // 1 May is a holiday and a Saturday in 2027: Monday the 3rd; June goes by the 1st again.
    assertEquals(
        plan("300", "8", 3, "2027-04-01").dueOn().toString(),
        "[2027-04-01, 2027-05-03, 2027-06-01]");
  }

  @Test
  public void twoPartsOnOneDayAreToldAsOne() {
    var plan = plan("310", "0", 3, "2026-12-25");
    // 25 December 2026 is a Friday: Monday the 28th.
    assertEquals(plan.byDay().keySet().toString(), "[2026-12-28, 2027-01-25, 2027-02-25]");
    assertEquals(plan.byDay().get(LocalDate.parse("2027-02-25")), plan.last());
  }

  @Test
  public void everyCentIsPaidOnceAndOnAWorkingDay() {
    var random = new Random(7);
    for (var i = 0; i < 2_000; i++) {
      var total = Amount.of(1 + random.nextInt(2_000_000)).dividedBy(100);
      var months = 3 + random.nextInt(16);
      var plan = InstalmentPlan.of(
          total,
          Amount.of(random.nextInt(101)),
          months,
          LocalDate.parse("2026-11-23").plusDays(random.nextInt(400)));
      var paid = plan.down().plus(plan.part().times(months - 1L)).plus(plan.last());
      assertEquals(paid, total);
      assertTrue(plan.part().isWithin(plan.last()), total + " in " + months);
      assertTrue(
          plan.last().minus(plan.part()).isWithin(Amount.of(months).dividedBy(100)),
          total + " in " + months);
      assertEquals(plan.dueOn().size(), months);
      plan.dueOn().forEach(day -> assertTrue(WorkingDays.isWorkingDay(day), day.toString()));
    }
  }
}
