package civitane.core.time;

import java.time.LocalDate;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

public class SchoolTermTest {

  @DataProvider
  public Object[][] edges() {
    return new Object[][] {
      {"2026-08-01", "2026-08-01", "2027-01-31"},
      {"2026-12-31", "2026-08-01", "2027-01-31"},
      {"2027-01-31", "2026-08-01", "2027-01-31"},
      {"2027-02-01", "2027-02-01", "2027-07-31"},
      {"2028-02-29", "2028-02-01", "2028-07-31"},
      {"2027-07-31", "2027-02-01", "2027-07-31"},
    };
  }

  @Test(dataProvider = "edges")
  public void aDayLiesInTheTermThatRuns(String day, String first, String last) {
    var term = SchoolTerm.of(LocalDate.parse(day));
    assertEquals(term.firstDay(), LocalDate.parse(first));
    assertEquals(term.lastDay(), LocalDate.parse(last));
  }

  @Test
  public void eachDayIsOfOneTermAndTermsFollowEachOther() {
    var day = LocalDate.parse("2023-08-01");
    while (day.isBefore(LocalDate.parse("2029-08-01"))) {
      var term = SchoolTerm.of(day);
      assertFalse(day.isBefore(term.firstDay()) || day.isAfter(term.lastDay()), day + " " + term);
      assertEquals(
          SchoolTerm.of(term.lastDay().plusDays(1)).firstDay(), term.lastDay().plusDays(1));
      day = day.plusDays(1);
    }
  }

  @Test
  public void whatIsWrittenOtherwiseIsNone() {
    assertEquals(
        SchoolTerm.parse(" 2026-autumn "),
        Optional.of(SchoolTerm.of(LocalDate.parse("2026-11-23"))));
    assertEquals(
        SchoolTerm.parse("2027-spring"), Optional.of(SchoolTerm.of(LocalDate.parse("2027-04-01"))));
    for (var other :
        new String[] {"", "autumn 2026", "2026-winter", "26-autumn", "2026-autumn-2"}) {
      assertEquals(SchoolTerm.parse(other), Optional.empty(), other);
    }
  }
}
