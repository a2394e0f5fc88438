package civitane.core.services.paidleave;

import civitane.core.facts.Told;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Weeks of leave: what a year gives, less what was used and what other claims wait for in it. */
public class LeaveBalanceTest {
  private static final LocalDate FROM = LocalDate.parse("2026-11-16");
  private static final PaidLeaveTerms TERMS =
      PaidLeaveTerms.of(RateShelf.shipped().on(FROM).orElseThrow());

  private static Map<String, Object> earlier(String from, int weeks, String state) {
    return Map.of("from", LocalDate.parse(from), "weeks", Amount.of(weeks), "state", state);
  }

  private static LeaveBalance balance(Map<String, Object> answers, Map<?, ?>... earlier) {
    var all = new LinkedHashMap<>(answers);
    all.put("earlier", List.of(earlier));
    return LeaveBalance.of(Told.as(PaidLeaveAnswers.class, all), FROM, TERMS);
  }

  @DataProvider
  public static Object[][] days() {
    return new Object[][] {
      {"2025-11-16", 14},
      {"2025-11-17", 9},
      {"2026-11-15", 9},
      {"2026-11-16", 14},
      {"2026-12-01", 14}
    };
  }

  @Test(dataProvider = "days")
  public void whatBeganInTheYearBeforeIsTakenOff(String from, int left) {
    for (var state : new String[] {"used", "pending"}) {
      assertEquals(
          balance(Map.of(), earlier(from, 5, state)).left(), Amount.of(left), from + " " + state);
    }
  }

  @Test
  public void aBirthWithAComplicationGivesMore() {
    assertEquals(balance(Map.of("reason", "birth", "complication", true)).weeks(), Amount.of(17));
    assertEquals(balance(Map.of("reason", "birth")).weeks(), Amount.of(14));
    assertEquals(
        balance(Map.of("reason", "ownIllness", "complication", true)).weeks(), Amount.of(14));
  }

  @Test
  public void usedAndPendingAreToldApart() {
    var balance =
        balance(Map.of(), earlier("2026-03-01", 6, "used"), earlier("2026-08-01", 9, "pending"));
    assertEquals(balance.afterUsed(), Amount.of(8));
    assertEquals(balance.remaining(), Amount.of(-1));
    assertEquals(balance.left(), Amount.ZERO, "nobody has less than none to ask for");
    assertEquals(balance.pending(), Amount.of(9));
  }
}
