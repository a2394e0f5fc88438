package civitane.core.awards;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What was given beyond what is due, worked out by hand; and what holds for every chain of decisions. */
public class OverpaidTest {
  private static LocalDate day(String iso) {
    return LocalDate.parse(iso);
  }

  private static Award monthly(long euros, String from) {
    return Award.money(Argument.monthly(Amount.of(euros)), Recipient.HOUSEHOLD).from(day(from));
  }

  private static Award firstMonth(long euros, String from, String until) {
    return Award.money(Argument.once(Amount.of(euros)), Recipient.HOUSEHOLD)
        .from(day(from))
        .until(day(until));
  }

  private static Given given(String decidedOn, String from, Award... awards) {
    return new Given(day(decidedOn), day(from), List.of(awards));
  }

  private static final Given FIRST = given(
      "2026-03-20",
      "2026-03-02",
      firstMonth(290, "2026-03-02", "2026-03-31"),
      monthly(300, "2026-04-01"));

  private static String over(Given... chain) {
    return Overpaid.in(Overpaid.of(List.of(chain))).plain();
  }

  @Test
  public void nothingWithoutADecisionBefore() {
    assertEquals(over(FIRST), "0");
  }

  @Test
  public void aWageThatRoseInSummerAndWasToldInAutumn() {
    var after = given(
        "2026-09-05",
        "2026-06-10",
        firstMonth(140, "2026-06-10", "2026-06-30"),
        monthly(200, "2026-07-01"));
    var found = Overpaid.of(List.of(FIRST, after));
    // 21 of June's 30 days: 210 given, 140 due; then July, August and September.
    assertEquals(
        found.stream().map(one -> one.from() + " " + one.over()).toList(),
        List.of("2026-06-10 70.00", "2026-07-01 100.00", "2026-08-01 100.00", "2026-09-01 100.00"));
    assertEquals(over(FIRST, after), "370");
  }

  @Test
  public void whatIsRefusedLeavesNothingDue() {
    assertEquals(over(FIRST, given("2026-05-31", "2026-05-01")), "300");
  }

  @Test
  public void aMonthThatHasNotBegunWasNotGiven() {
    assertEquals(over(FIRST, given("2026-05-31", "2026-06-01")), "0");
    assertEquals(over(FIRST, given("2026-06-01", "2026-06-01")), "300");
  }

  @Test
  public void moreIsNothingOver() {
    assertEquals(over(FIRST, given("2026-09-05", "2026-06-01", monthly(310, "2026-06-01"))), "0");
  }

  @Test
  public void aMonthTooLittleMakesNoOtherMonthSmaller() {
    var after = given(
        "2026-06-20",
        "2026-05-01",
        firstMonth(900, "2026-05-01", "2026-05-31"),
        monthly(200, "2026-06-01"));
    assertEquals(over(FIRST, after), "100");
  }

  @Test
  public void anAppealThatIsWonLeavesNothingOver() {
    var less = given("2026-09-05", "2026-06-01", monthly(200, "2026-06-01"));
    var won = given("2026-11-02", "2026-06-01", monthly(300, "2026-06-01"));
    assertEquals(over(FIRST, less), "400");
    assertEquals(over(FIRST, less, won), "0");
  }

  @Test
  public void aLaterChangeLeavesTheEarlierMonthsAsTheyWereLeft() {
    var less = given("2026-09-05", "2026-06-01", monthly(200, "2026-06-01"));
    var later = given("2026-12-10", "2026-11-01", monthly(150, "2026-11-01"));
    // 4 x 100 until September at 300; then October at 200 is right; November and December are 50
    // over each.
    assertEquals(over(FIRST, less, later), "500");
  }

  @Test
  public void weeksCountByTheirDaysAndASumOnceDoesNot() {
    var weekly = Award.money(Argument.weekly(Amount.of(70)), Recipient.HOUSEHOLD)
        .from(day("2026-03-02"))
        .until(day("2026-03-22"));
    var once = Award.money(Argument.once(Amount.of(128)), Recipient.HOUSEHOLD)
        .from(day("2026-01-01"))
        .until(day("2026-12-31"));
    assertEquals(
        over(given("2026-03-01", "2026-03-02", weekly, once), given("2026-03-25", "2026-03-16")),
        "70");
  }

  @Test
  public void aLittleIsNotAskedBackAndNothingTwice() {
    assertEquals(Overpaid.toAsk(Amount.of(20), Amount.ZERO).plain(), "0");
    assertEquals(Overpaid.toAsk(Amount.of("20.01"), Amount.ZERO).plain(), "20.01");
    assertEquals(Overpaid.toAsk(Amount.of(370), Amount.of(320)).plain(), "50");
    assertEquals(Overpaid.toAsk(Amount.of(100), Amount.of(320)).plain(), "0");
  }

  @Test
  public void whatGoesToSomebodyElseIsNotTheHouseholds() {
    var rent =
        Award.money(Argument.monthly(Amount.of(400)), Recipient.LANDLORD).from(day("2026-03-01"));
    assertEquals(
        over(given("2026-03-01", "2026-03-01", rent), given("2026-06-01", "2026-03-01")), "0");
  }

  @Test
  public void neverMoreThanWasGivenAndNeverLessThanNothing() {
    var chance = new Random(20260302);
    for (var i = 0; i < 2_000; i++) {
      var chain = new ArrayList<Given>();
      var decided = day("2026-01-05");
      for (var n = chance.nextInt(4); n >= 0; n--) {
        decided = decided.plusDays(chance.nextInt(90));
        var from = decided.minusDays(chance.nextInt(120));
        var start = from.withDayOfMonth(1).plusMonths(1);
        chain.add(new Given(
            decided,
            from,
            chance.nextInt(5) == 0
                ? List.of()
                : List.of(
                    firstMonth(
                        chance.nextInt(200), from.toString(), start.minusDays(1).toString()),
                    monthly(chance.nextInt(500), start.toString()))));
      }
      var found = Overpaid.of(chain);
      for (var one : found) {
        assertTrue(one.over().isPositive(), chain.toString());
        assertTrue(one.over().compareTo(one.given()) <= 0, chain.toString());
        assertEquals(one.from().withDayOfMonth(1), one.until().withDayOfMonth(1));
      }
      for (var k = 1; k < found.size(); k++) {
        assertTrue(found.get(k).from().isAfter(found.get(k - 1).until()), chain.toString());
      }
      // The same decided once more changes nothing of it.
      var last = chain.get(chain.size() - 1);
      chain.add(new Given(last.decidedOn(), last.from(), last.awards()));
      assertEquals(Overpaid.of(chain), found);
    }
  }
}
