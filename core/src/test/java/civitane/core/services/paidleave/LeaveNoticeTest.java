package civitane.core.services.paidleave;

import civitane.core.facts.Told;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Notice: three weeks ahead where it could be foreseen, else by the next working day and in writing soon after. */
public class LeaveNoticeTest {
  private static final PaidLeaveTerms TERMS =
      PaidLeaveTerms.of(RateShelf.shipped().on(LocalDate.parse("2026-11-23")).orElseThrow());

  private static boolean isLate(String absentFrom, Map<String, Object> told) {
    var all = new LinkedHashMap<String, Object>(told);
    all.put("absentFrom", LocalDate.parse(absentFrom));
    return new LeaveNotice(Told.as(PaidLeaveAnswers.class, all), TERMS).isLate();
  }

  private static Map<String, Object> told(String noticeOn, Object... more) {
    var told = new LinkedHashMap<String, Object>();
    told.put("noticeOn", LocalDate.parse(noticeOn));
    for (var i = 0; i < more.length; i += 2) {
      told.put((String) more[i], more[i + 1]);
    }
    return told;
  }

  @Test
  public void whatCouldBeForeseenIsToldThreeWeeksAhead() {
    assertEquals(isLate("2026-11-23", told("2026-11-02")), false);
    assertEquals(isLate("2026-11-23", told("2026-11-03")), true);
  }

  @DataProvider
  public static Object[][] sudden() {
    return new Object[][] {
      // Absent from a Friday: Monday is the next working day.
      {"2026-11-20", "2026-11-23", "2026-11-26", false},
      {"2026-11-20", "2026-11-24", "2026-11-26", true},
      // Six days for the written one.
      {"2026-11-20", "2026-11-20", "2026-11-27", true},
      // Before Christmas: the 25th is a holiday, the 26th one too and a Saturday; Monday the 28th.
      {"2026-12-24", "2026-12-28", "2026-12-30", false},
      {"2026-12-24", "2026-12-29", "2026-12-30", true},
    };
  }

  @Test(dataProvider = "sudden")
  public void whatCouldNotBeForeseenIsToldByTheNextWorkingDay(
      String absentFrom, String noticeOn, String writtenOn, boolean late) {
    assertEquals(
        isLate(
            absentFrom,
            told(noticeOn, "unforeseen", true, "writtenNoticeOn", LocalDate.parse(writtenOn))),
        late);
  }

  @Test
  public void withoutAWrittenNoticeItIsLate() {
    assertEquals(isLate("2026-11-20", told("2026-11-20", "unforeseen", true)), true);
  }

  @Test
  public void safetyAndAnExcuseAreNeverLate() {
    assertEquals(isLate("2026-11-23", told("2026-11-23", "reason", "safety")), false);
    assertEquals(isLate("2026-11-23", told("2026-11-23", "lateExcused", true)), false);
  }
}
