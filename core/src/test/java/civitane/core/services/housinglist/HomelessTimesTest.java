package civitane.core.services.housinglist;

import civitane.core.rates.RateShelf;
import civitane.core.services.housinglist.HousingListAids.Stretch;
import civitane.core.services.housinglist.HousingListAnswers.HomelessTime;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Times without a home: joined where they touch, cut to the window, and long by one stretch or by several. */
public class HomelessTimesTest {
  private static final LocalDate ON = LocalDate.parse("2026-11-23");
  private static final HousingListTerms TERMS =
      HousingListTerms.of(RateShelf.shipped().on(ON).orElseThrow());

  /** Times as in "2026-01-01/2026-02-01 2026-03-01/"; without an end it goes on. */
  private static HomelessTimes times(String told) {
    var times = new ArrayList<HomelessTime>();
    for (var one : told.split(" ")) {
      var days = one.split("/", -1);
      times.add(new HomelessTime(
          days[0].isEmpty() ? null : LocalDate.parse(days[0]),
          days[1].isEmpty() ? null : LocalDate.parse(days[1])));
    }
    return new HomelessTimes(times, ON);
  }

  @DataProvider
  public static Object[][] told() {
    return new Object[][] {
      // 270 days up to lodging, the day of lodging not counted.
      {"2026-02-26/", 270, true},
      {"2026-02-27/", 269, false},
      {"2026-02-26/2026-11-23", 270, true},
      {"2026-02-26/2027-01-01", 270, true},
      {"2026-02-26/2026-11-22", 269, false},
      // Those that touch or overlap are one.
      {"2026-02-26/2026-05-01 2026-05-01/", 270, true},
      {"2026-02-26/2026-06-01 2026-05-01/", 270, true},
      {"2026-05-01/ 2026-02-26/2026-06-01", 270, true},
      {"2026-02-26/2026-05-01 2026-05-02/", 269, false},
      // Three separate times with 270 days together in four years, the last running to lodging.
      {"2024-01-01/2024-04-30 2025-01-01/2025-04-30 2026-10-23/", 120 + 119 + 31, true},
      {"2024-01-01/2024-04-30 2025-01-01/2025-04-30 2026-10-24/", 120 + 119 + 30, false},
      {"2024-01-01/2024-09-01 2026-10-24/", 244 + 30, false},
      {"2024-01-01/2024-04-30 2025-01-01/2025-04-30 2026-10-01/2026-11-20", 289, false},
      // What lies before the window is cut off; what begins after lodging is not there.
      {"2022-01-01/2022-11-24 2026-11-22/", 1 + 1, false},
      {"2027-01-01/", 0, false},
      {"2026-06-01/2026-05-01", 0, false},
    };
  }

  @Test(dataProvider = "told")
  public void theirDaysAndWhetherTheyAreLong(String told, int days, boolean areLong) {
    assertEquals(times(told).days(TERMS), days, told);
    assertEquals(times(told).areLong(TERMS), areLong, told);
  }

  @Test
  public void oneStretchIsLongWhereverItBegan() {
    assertTrue(times("2015-01-01/").areLong(TERMS));
    assertEquals(times("2015-01-01/").days(TERMS), 1461, "four years with one leap day");
    assertEquals(
        times("2015-01-01/").within(TERMS),
        List.of(new Stretch(LocalDate.parse("2022-11-23"), ON)));
  }

  @Test
  public void aTimeWithoutABeginningIsNotReadYet() {
    assertEquals(times("/2026-05-01").days(TERMS), 0);
    assertFalse(times("/").isOpen());
    assertTrue(times("2026-05-01/").isOpen());
    assertFalse(times("2026-05-01/2026-06-01").runToNow());
  }
}
