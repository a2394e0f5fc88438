package civitane.core.awards;

import civitane.core.facts.Frequency;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import org.testng.annotations.Test;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What goes on on a day, and what was given once. */
public class AwardTest {
  private static final LocalDate DAY = LocalDate.parse("2026-10-05");

  private static Award money(Frequency each) {
    return Award.money(new Argument.Money(Amount.of(200), each), Recipient.HOUSEHOLD);
  }

  @Test
  public void whatHasAnEndRunsUpToItsLastDay() {
    var award = money(Frequency.MONTHLY).until(DAY);
    assertTrue(award.runsOn(DAY));
    assertFalse(award.runsOn(DAY.plusDays(1)));
  }

  @Test
  public void withoutAnEndWhatComesAgainRunsAndWhatWasGivenOnceDoesNot() {
    assertTrue(money(Frequency.MONTHLY).runsOn(DAY));
    assertFalse(money(Frequency.ONCE).runsOn(DAY));
    assertTrue(Award.of(What.PLACE_ON_LIST, Recipient.HOUSEHOLD).runsOn(DAY));
    assertFalse(Award.of(What.CERTIFICATE, Recipient.HOUSEHOLD).runsOn(DAY));
  }
}
