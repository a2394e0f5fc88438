package civitane.core.claims;

import civitane.core.reasons.Argument;
import civitane.core.rules.StandardTime;
import civitane.core.time.Closure;
import civitane.core.time.OpenDays;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** One claim from day to day. */
public class ClaimTest {
  /** A Monday. */
  private static final LocalDate LODGED = LocalDate.parse("2026-11-02");

  private static final Want PAYSLIPS = want(ItemKind.PAPER, "payslips", Turn.HOUSEHOLD);
  private static final Want LEASE = want(ItemKind.PAPER, "lease", Turn.HOUSEHOLD);
  private static final Want LANDLORD = want(ItemKind.WORD, "landlord", Turn.THIRD_PARTY);
  private static final Want LATE = want(ItemKind.JUDGEMENT, "AP-TIME", Turn.OURS);

  private static Want want(ItemKind kind, String subject, Turn owner) {
    return new Want(kind, subject, List.of(), owner);
  }

  private static Act on(int days) {
    return Act.of(new Actor.Staff("ikenna"), LODGED.plusDays(days));
  }

  private static Claim done(Moved moved) {
    assertTrue(moved instanceof Moved.Done, moved.toString());
    return ((Moved.Done) moved).claim();
  }

  private static Claim taken(Want... wants) {
    var claim = Claim.lodged(
        "BW-26-004217-1",
        LODGED,
        StandardTime.days(28),
        Pace.USUAL,
        List.of(wants),
        LODGED.plusDays(14));
    return done(claim.takeUp(on(1), "ikenna"));
  }

  private static Step step(Claim claim, int days) {
    return claim.next(LODGED.plusDays(days)).orElseThrow().step();
  }

  @Test
  public void theClockStandsWhileItIsTheHouseholdsTurn() {
    var claim = taken(PAYSLIPS);
    assertEquals(claim.turn(), Turn.HOUSEHOLD);
    assertEquals(claim.dueOn(LODGED.plusDays(1)), LODGED.plusDays(28));
    assertEquals(claim.clock(LODGED.plusDays(8)), new Clock(1, 7, LODGED.plusDays(35)));
    var answered = done(claim.answer(on(8), 1));
    assertEquals(answered.turn(), Turn.OURS);
    assertEquals(answered.clock(LODGED.plusDays(18)), new Clock(11, 7, LODGED.plusDays(35)));
  }

  @Test
  public void whatIsFoundWantingAfterItCouldBeDecidedGoesToWhomItIsWantedOf() {
    var claim = taken();
    assertEquals(step(claim, 1), Step.DECIDE);
    var wanting = done(claim.want(on(3), List.of(LANDLORD), LODGED.plusDays(17)));
    assertEquals(wanting.turn(), Turn.THIRD_PARTY);
    assertEquals(step(wanting, 3), Step.AWAIT);
    var enough = done(wanting.want(on(5), List.of(), LODGED.plusDays(19)));
    assertEquals(step(enough, 5), Step.DECIDE);
    assertEquals(enough.item(1).orElseThrow().state(), ItemState.NO_LONGER_NEEDED);
  }

  @Test
  public void theMostUrgentComesNextNotTheOldest() {
    var claim = taken(PAYSLIPS, LEASE);
    assertEquals(claim.next(LODGED).orElseThrow().item(), claim.item(1).orElseThrow());
    var later = done(claim.moreTime(on(2), 1, LODGED.plusDays(30)));
    assertEquals(later.next(LODGED).orElseThrow().item(), later.item(2).orElseThrow());
    assertEquals(later.pressingOn(), later.item(2).orElseThrow().dueOn());
  }

  @Test
  public void whatOthersHaveToDoOnClosedDaysIsDueWhenTheOfficeIsOpenAgain() {
    var claim = taken(PAYSLIPS, LATE);
    var due = claim.item(1).orElseThrow().dueOn();
    var closed = new OpenDays(List.of(new Closure(due.minusDays(1), due.plusDays(2))));
    var moved = done(claim.movedToOpen(on(2), closed));
    assertEquals(moved.item(1).orElseThrow().dueOn(), closed.of(due));
    assertEquals(moved.item(2), claim.item(2), "what is the office's own stays when it is");
    assertEquals(done(moved.movedToOpen(on(3), closed)).items(), moved.items(), "once is enough");
  }

  @Test
  public void whatOnlyTheOfficeCanSettleIsOurs() {
    var claim = taken(PAYSLIPS, LATE);
    assertEquals(claim.turn(), Turn.OURS);
    assertEquals(step(claim, 1), Step.JUDGE);
    assertEquals(done(claim.accept(on(2), 2)).turn(), Turn.HOUSEHOLD);
  }

  @Test
  public void whatCameIsLookedAtAndGivenBackOrAccepted() {
    var answered = done(taken(PAYSLIPS).answer(on(4), 1));
    assertEquals(step(answered, 4), Step.LOOK);
    var back = done(answered.giveBack(on(5), 1, List.of(), LODGED.plusDays(19)));
    assertEquals(back.turn(), Turn.HOUSEHOLD);
    assertEquals(back.item(1).orElseThrow().returned(), 1);
    var accepted = done(done(back.answer(on(9), 1)).accept(on(9), 1));
    assertEquals(step(accepted, 9), Step.DECIDE);
  }

  @Test
  public void somebodyElseSignsSecond() {
    var decided = done(taken().decide(on(3), "ikenna", true, UUID.randomUUID(), null, true));
    assertEquals(decided.state(), ClaimState.OPEN);
    assertEquals(step(decided, 3), Step.SECOND_SIGN);
    assertEquals(decided.secondSign(on(3), "ikenna"), new Moved.Refused(Why.SIGNED_FIRST.with()));
    assertEquals(
        decided.want(on(3), List.of(LEASE), LODGED.plusDays(17)),
        new Moved.Refused(Why.WAITS_FOR_SECOND.with()));
    var signed = done(decided.secondSign(on(4), "teun"));
    assertEquals(signed.state(), ClaimState.DECIDED);
    assertEquals(signed.decision().orElseThrow().secondBy(), "teun");
    assertEquals(signed.turn(), Turn.OVER);
  }

  @Test
  public void aDecisionSentBackStaysInTheChain() {
    var decided = done(taken().decide(on(3), "ikenna", true, UUID.randomUUID(), null, true));
    var back = done(decided.sendBack(on(4)));
    assertEquals(step(back, 4), Step.DECIDE);
    assertTrue(back.decision().isEmpty());
    assertEquals(back.decisions().get(0).state(), DecisionState.TAKEN_BACK);
    var again = done(back.decide(on(5), "ikenna", false, UUID.randomUUID(), "why", false));
    assertEquals(again.decisions().size(), 2);
    assertEquals(again.decision().orElseThrow().id(), 2);
  }

  @Test
  public void aChangeAfterTheDecisionOpensItAgainWithANextStep() {
    var decided = done(taken().decide(on(3), "ikenna", true, UUID.randomUUID(), null, false));
    var running = done(decided.run(on(4)));
    assertTrue(running.next(LODGED.plusDays(4)).isEmpty());
    var changed = done(running.reportChange(on(40)));
    assertEquals(step(changed, 40), Step.DECIDE);
    assertEquals(changed.working(), DecisionKind.AFTER_CHANGE);
    var over = changed.stretches(LODGED.plusDays(40)).stream()
        .filter(stretch -> stretch.turn() == Turn.OVER)
        .mapToInt(Clock.Stretch::days)
        .sum();
    assertEquals(over, 37);
    assertTrue(changed.dueOn(LODGED.plusDays(40)).isAfter(LODGED.plusDays(40)), "a new clock");
  }

  @Test
  public void whatIsWantedAgainIsTheSameItemAndWhatIsNotIsOver() {
    var claim = taken(PAYSLIPS, LEASE);
    var again = done(claim.want(on(3), List.of(LEASE, LANDLORD, LATE), LODGED.plusDays(17)));
    assertEquals(again.item(1).orElseThrow().state(), ItemState.NO_LONGER_NEEDED);
    assertEquals(again.item(2).orElseThrow(), claim.item(2).orElseThrow(), "with its own date");
    assertEquals(again.item(3).orElseThrow().want(), LANDLORD);
    assertEquals(again.item(3).orElseThrow().dueOn(), LODGED.plusDays(17));
    assertEquals(again.item(4).orElseThrow().dueOn(), again.dueOn(LODGED.plusDays(3)), "ours");
    assertEquals(again.items().size(), 4);
    var back = done(again.want(on(4), List.of(PAYSLIPS), LODGED.plusDays(18)));
    assertEquals(back.item(5).orElseThrow().want(), PAYSLIPS, "wanted anew, beside the old one");
    assertEquals(back.item(1).orElseThrow().state(), ItemState.NO_LONGER_NEEDED);
  }

  @Test
  public void nobodyPicksUpWhatSomebodyElseHas() {
    var claim = taken();
    var other = claim.takeUp(on(2), "maud");
    assertTrue(other instanceof Moved.Refused refused
        && refused.because().equals(Why.HELD_BY_SOMEBODY.with(Argument.told("ikenna"))));
    assertEquals(done(claim.takeUp(on(2), "ikenna")).holder(), "ikenna");
  }

  @Test
  public void whatNobodyHasIsPickedUpUnlessSomethingOfOursComesFirst() {
    var lodged = Claim.lodged(
        "BW-26-004217-1",
        LODGED,
        StandardTime.days(28),
        Pace.USUAL,
        List.of(PAYSLIPS),
        LODGED.plusDays(14));
    assertEquals(step(lodged, 0), Step.TAKE_UP);
    var late = Claim.lodged(
        "BW-26-004217-1",
        LODGED,
        StandardTime.days(28),
        Pace.USUAL,
        List.of(PAYSLIPS, LATE),
        LODGED.plusDays(14));
    assertEquals(step(late, 0), Step.JUDGE);
    assertEquals(
        step(done(late.want(on(0), List.of(PAYSLIPS), LODGED.plusDays(14))), 0), Step.TAKE_UP);
  }

  @Test
  public void aDayOutsidePressesWhereItComesBeforeOurDueDate() {
    var hearing = new OutsideDate(Occasion.HEARING, LODGED.plusDays(10), "summons");
    var claim = done(taken().outsideDate(on(2), hearing));
    assertEquals(claim.pressingOn(), LODGED.plusDays(10));
    assertTrue(claim.comesTooLate(LODGED.plusDays(2)), "due " + claim.dueOn(LODGED.plusDays(2)));
    assertEquals(claim.dueOn(LODGED.plusDays(2)), LODGED.plusDays(28), "the due date is as it was");
    var later = new OutsideDate(Occasion.TERM, LODGED.plusDays(40), "");
    var moved = done(claim.outsideDate(on(3), later));
    assertEquals(moved.pressingOn(), LODGED.plusDays(28));
    assertTrue(!moved.comesTooLate(LODGED.plusDays(3)));
    var none = done(claim.outsideDate(on(3), null));
    assertEquals(none.pressingOn(), LODGED.plusDays(28));
  }

  @Test
  public void aWishToHurryIsAnsweredSoonAndOnlyThenCounts() {
    var wish = Why.WISH.with(Argument.told("the boiler is off"));
    var claim = done(taken(PAYSLIPS).wishToHurry(on(2), wish));
    assertEquals(claim.turn(), Turn.OURS, "the answer is ours to give");
    assertEquals(step(claim, 2), Step.JUDGE);
    assertEquals(claim.next(LODGED).orElseThrow().on(), LODGED.plusDays(4));
    assertTrue(!claim.pace().urgent());
    var asked = done(claim.want(on(3), List.of(PAYSLIPS), LODGED.plusDays(17)));
    assertEquals(asked.live().size(), 2, "the rules know nothing of the wish and do not drop it");
    var granted = done(asked.answerWish(on(3), true));
    assertTrue(granted.pace().urgent());
    assertEquals(granted.turn(), Turn.HOUSEHOLD);
    assertTrue(!done(asked.answerWish(on(3), false)).pace().urgent());
    assertTrue(granted.answerWish(on(3), true) instanceof Moved.Refused, "answered once");
  }

  @Test
  public void theDayItReachedUsIsChangedByTwo() {
    var friday = LODGED.minusDays(3);
    var why = Why.REACHED_OTHERWISE.with(
        Argument.day(friday), Argument.told("post stamp"), Argument.told("ikenna"));
    var claim = done(taken(PAYSLIPS).reachedOtherwise(on(2), friday, why));
    assertEquals(claim.lodgedOn(), LODGED, "so far it is only said");
    assertTrue(claim.answerReached(on(2), true) instanceof Moved.Refused, "not by the same one");
    var maud = Act.of(new Actor.Staff("maud"), LODGED.plusDays(3));
    var agreed = done(claim.answerReached(maud, true));
    assertEquals(agreed.lodgedOn(), friday);
    assertEquals(agreed.stints().get(0).from(), friday);
    var today = LODGED.plusDays(3);
    assertEquals(agreed.clock(today).worked(), claim.clock(today).worked() + 3);
    assertEquals(done(claim.answerReached(maud, false)).lodgedOn(), LODGED);
  }

  @Test
  public void itCanNotHaveReachedUsAheadOfTodayOrAfterSomethingHappened() {
    var why = Why.REACHED_OTHERWISE.with(
        Argument.day(LODGED), Argument.told("stamp"), Argument.told("ikenna"));
    var claim = taken(PAYSLIPS);
    assertTrue(claim.reachedOtherwise(on(4), LODGED.plusDays(5), why) instanceof Moved.Refused);
    assertTrue(claim.reachedOtherwise(on(4), LODGED.plusDays(2), why) instanceof Moved.Refused);
  }
}
