package civitane.core.time;

import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** Ages, months, quarters and the district's working days, edge cases first. */
public class CalendarTest {

  private static LocalDate day(String iso) {
    return LocalDate.parse(iso);
  }

  @Test
  public void someoneBornOnALeapDayHasTheBirthdayOnTheFirstOfMarch() {
    assertEquals(Ages.completedYears(day("2008-02-29"), day("2026-02-28")), 17);
    assertEquals(Ages.completedYears(day("2008-02-29"), day("2026-03-01")), 18);
    assertEquals(Ages.completedYears(day("2008-02-29"), day("2024-02-29")), 16);
  }

  @Test
  public void aClosureIsSteppedOverTogetherWithWhatIsClosedAnyway() {
    assertEquals(OpenDays.USUAL.of(day("2026-12-25")), day("2026-12-28"));
    assertEquals(OpenDays.USUAL.of(day("2026-12-24")), day("2026-12-24"));
    var flood = new OpenDays(List.of(new Closure(day("2026-12-23"), day("2026-12-28"))));
    assertEquals(flood.of(day("2026-12-22")), day("2026-12-22"));
    assertEquals(flood.of(day("2026-12-23")), day("2026-12-29"));
    assertFalse(flood.isOpen(day("2026-12-28")));
    assertThrows(
        IllegalArgumentException.class, () -> new Closure(day("2026-12-23"), day("2026-12-22")));
  }

  @DataProvider
  public static Object[][] birthdays() {
    return new Object[][] {
      {"2012-12-24", 14, "2026-12-24"},
      {"2008-02-29", 18, "2026-03-01"},
      {"2008-02-29", 16, "2024-02-29"},
    };
  }

  @Test(dataProvider = "birthdays")
  public void anAgeIsReachedOnTheDayOnWhichItIsCompleted(String born, int age, String on) {
    assertEquals(Ages.reached(day(born), age), day(on));
    assertEquals(Ages.completedYears(day(born), day(on)), age);
    assertEquals(Ages.completedYears(day(born), day(on).minusDays(1)), age - 1);
  }

  @DataProvider
  public static Object[][] months() {
    return new Object[][] {
      {"2025-07-15", "2026-01-01", 5},
      {"2025-07-15", "2026-01-15", 6},
      {"2025-01-31", "2025-02-28", 0},
      {"2024-03-20", "2026-01-01", 21},
    };
  }

  @Test(dataProvider = "months")
  public void wholeMonthsLieBetween(String from, String to, int months) {
    assertEquals(Months.wholeBetween(day(from), day(to)), months);
  }

  @DataProvider
  public static Object[][] holidays() {
    return new Object[][] {
      {"2026-04-03"},
      {"2026-04-06"},
      {"2026-01-01"},
      {"2026-05-01"},
      {"2026-06-25"},
      {"2025-04-18"},
      {"2025-04-21"},
      {"2026-12-25"},
      {"2026-12-26"},
      {"2027-03-26"},
      {"2027-03-29"},
      {"2026-11-01"},
      {"2026-08-15"},
      {"2038-04-23"},
    };
  }

  @Test(dataProvider = "holidays")
  public void nobodyWorksOnAHoliday(String date) {
    assertTrue(WorkingDays.isHoliday(day(date)), date);
    assertFalse(WorkingDays.isWorkingDay(day(date)), date);
  }

  @Test
  public void workingDaysAreCountedPastWeekendsAndHolidays() {
    assertEquals(WorkingDays.add(day("2026-04-02"), 1), day("2026-04-07"));
    assertEquals(WorkingDays.onOrAfter(day("2026-11-01")), day("2026-11-02"));
    assertEquals(WorkingDays.between(day("2026-04-02"), day("2026-04-07")), 1);
    assertEquals(WorkingDays.between(day("2026-04-07"), day("2026-04-02")), -1);
    assertEquals(WorkingDays.between(day("2026-04-07"), day("2026-04-07")), 0);
  }

  @Test
  public void addingAndCountingAgree() {
    var from = day("2025-07-01");
    for (var i = 1; i < 400; i++) {
      assertEquals(WorkingDays.between(from, WorkingDays.add(from, i)), i);
    }
  }

  @Test
  public void quartersAreWrittenWithTheirYear() {
    assertEquals(Quarter.of(day("2026-11-16")).minus(5).toString(), "2025Q3");
    assertTrue(Quarter.isWritten("2025Q4"));
    assertFalse(Quarter.isWritten("2025Q5"));
  }
}
