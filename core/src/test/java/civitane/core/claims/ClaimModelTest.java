package civitane.core.claims;

import civitane.core.reasons.Argument;
import civitane.core.rules.StandardTime;
import civitane.core.time.Closure;
import civitane.core.time.OpenDays;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

/** A hundred thousand moves at random, with a clock that moves: what must hold of a claim holds after each. */
public class ClaimModelTest {
  private static final int CLAIMS = 500;
  private static final int MOVES_EACH = 200;
  private static final List<String> STAFF = List.of("ikenna", "maud", "sunniva");
  private static final LocalDate BEGINS = LocalDate.parse("2026-11-20");

  private static final Set<Why> REFUSALS = EnumSet.of(
      Why.NOT_IN_THIS_STATE,
      Why.HELD_BY_SOMEBODY,
      Why.NO_SUCH_ITEM,
      Why.ITEM_NOT_LIVE,
      Why.NOTHING_CAME,
      Why.NOT_LATER,
      Why.NOTHING_TO_SIGN,
      Why.SIGNED_FIRST,
      Why.WAITS_FOR_SECOND,
      Why.SOMETHING_HAPPENED_BEFORE,
      Why.NOTHING_TO_ANSWER,
      Why.KNOWN_ALREADY,
      Why.NOTHING_TO_ASK,
      Why.UNREAD_FIRST);

  private final Random random = new Random(20261126);
  private final Set<Move> done = EnumSet.noneOf(Move.class);
  private final Set<Why> refused = EnumSet.noneOf(Why.class);
  private LocalDate today = BEGINS;

  @Test
  public void whatMustHoldHolds() {
    for (var i = 0; i < CLAIMS; i++) {
      today = BEGINS.plusDays(random.nextInt(60));
      var claim = lodged(i);
      holds(claim);
      for (var n = 0; n < MOVES_EACH; n++) {
        today = today.plusDays(random.nextInt(10) == 0 ? random.nextInt(9) : random.nextInt(2));
        var moved = moved(claim);
        if (moved instanceof Moved.Done next) {
          follows(claim, next);
          claim = next.claim();
          done.add(next.happened().move());
        } else if (moved instanceof Moved.Refused no) {
          refused.add((Why) no.because().code());
        }
        holds(claim);
      }
    }
    assertEquals(done, EnumSet.complementOf(EnumSet.of(Move.LODGE)), "moves that were made");
    assertEquals(refused, REFUSALS, "refusals met");
  }

  private Claim lodged(int number) {
    var standard = random.nextBoolean()
        ? StandardTime.days(5 + random.nextInt(50))
        : StandardTime.workingDays(3 + random.nextInt(15));
    var days = random.nextInt(4);
    return Claim.lodged(
        new ClaimNumber(26, number).toString(),
        today.minusDays(days),
        standard,
        Pace.of(random.nextBoolean()).until(outside()),
        wants(),
        today.plusDays(14));
  }

  private OpenDays closedSoon() {
    var from = today.plusDays(random.nextInt(20));
    return new OpenDays(List.of(new Closure(from, from.plusDays(random.nextInt(9)))));
  }

  private OutsideDate outside() {
    return random.nextInt(3) == 0
        ? new OutsideDate(Occasion.HEARING, today.plusDays(random.nextInt(60)), "")
        : null;
  }

  private List<Want> wants() {
    var wants = new ArrayList<Want>();
    for (var n = random.nextInt(4); n > 0; n--) {
      var owner = List.of(Turn.OURS, Turn.HOUSEHOLD, Turn.THIRD_PARTY).get(random.nextInt(3));
      var kind = owner == Turn.OURS ? ItemKind.JUDGEMENT : ItemKind.FACT;
      var want = new Want(kind, "subject" + random.nextInt(3), List.of(), owner);
      if (wants.stream().noneMatch(want::isSameAs)) {
        wants.add(want);
      }
    }
    return wants;
  }

  private Moved moved(Claim claim) {
    var who = STAFF.get(random.nextInt(STAFF.size()));
    var act = Act.of(new Actor.Staff(who), today);
    var item = claim.items().isEmpty() || random.nextInt(20) == 0
        ? 99
        : 1 + random.nextInt(claim.items().size());
    return switch (random.nextInt(35)) {
      case 0, 1 -> claim.takeUp(act, who);
      case 2 -> claim.handOver(act, who);
      case 3, 4, 5 -> claim.want(act, wants(), today.plusDays(14));
      case 6, 7 -> claim.answer(act, item);
      case 8, 9, 10 -> claim.accept(act, item);
      case 11 -> claim.giveBack(act, item, List.of(), today.plusDays(14));
      case 12 -> claim.moreTime(act, item, today.plusDays(random.nextInt(40)));
      case 13, 14 -> claim.decide(act, who, random.nextBoolean(), UUID.randomUUID(), null, false);
      case 15 -> claim.decide(act, who, true, UUID.randomUUID(), "why", true);
      case 16 -> claim.secondSign(act, who);
      case 17 -> claim.sendBack(act);
      case 18 -> claim.run(act);
      case 19 -> random.nextBoolean() ? claim.reportChange(act) : claim.renew(act);
      case 20 -> claim.openAgain(act);
      case 21 -> random.nextInt(4) == 0 ? claim.withdraw(act) : claim.note(act);
      case 29 ->
        claim.ask(act, random.nextInt(9) == 0 ? List.of() : List.of(item), today.plusDays(14));
      case 30 ->
        claim.find(
            act,
            new Want(ItemKind.FACT, "doubt" + random.nextInt(3), List.of(), Turn.HOUSEHOLD),
            today.plusDays(14));
      case 31 -> claim.movedToOpen(act, closedSoon());
      case 32 -> {
        var about = random.nextInt(4) == 0 ? Want.UNREACHED : Want.WROTE;
        yield claim.hear(
            act, about, about + random.nextInt(9), Why.WROTE.with(Argument.told("I moved")));
      }
      case 33 -> claim.writeTo(act);
      case 34 -> claim.giveNotice(act, today.plusDays(14));
      case 24 -> claim.outsideDate(act, outside());
      case 28 ->
        claim.surface(
            act,
            Want.ACTING + random.nextInt(4),
            Why.ACTING_ENDED.with(Argument.told("Ilse"), Argument.day(today)));
      case 25 -> claim.wishToHurry(act, Why.WISH.with(Argument.told("ill")));
      case 26 ->
        random.nextBoolean()
            ? claim.answerWish(act, random.nextBoolean())
            : claim.answerReached(act, random.nextBoolean());
      case 27 -> {
        var day = today.minusDays(random.nextInt(12) - 1);
        yield claim.reachedOtherwise(
            act,
            day,
            Why.REACHED_OTHERWISE.with(
                Argument.day(day), Argument.told("stamp"), Argument.told(who)));
      }
      case 22 -> random.nextInt(4) == 0 ? claim.lapse(act) : claim.note(act);
      default -> random.nextInt(4) == 0 ? claim.close(act) : claim.note(act);
    };
  }

  /** What a move may and may not change. */
  private void follows(Claim before, Moved.Done next) {
    var move = next.happened().move();
    var claim = next.claim();
    assertTrue(move.isPossibleIn(before.state()), move + " in " + before.state());
    if (claim.state() != before.state()) {
      assertEquals(claim.state(), move.to().orElseThrow(), move.word());
    }
    assertEquals(claim.number(), before.number());
    if (move != Move.ANSWER_REACHED) {
      assertEquals(claim.lodgedOn(), before.lodgedOn());
    }
    assertTrue(claim.items().size() >= before.items().size(), "an item is never lost");
    assertTrue(claim.decisions().size() >= before.decisions().size(), "nor is a decision");
    if (claim.state() == ClaimState.DECIDED && before.state() == ClaimState.OPEN) {
      assertTrue(claim.live().isEmpty(), "nothing is wanted of what is decided");
      assertFalse(
          before.live().stream().anyMatch(item -> item.want().isSaidByHousehold()),
          "nothing is decided over what was said");
      claim.decision().ifPresent(decision -> assertNotEquals(decision.secondBy(), decision.by()));
    }
  }

  private void holds(Claim claim) {
    var working = claim.state() == ClaimState.LODGED || claim.state() == ClaimState.OPEN;
    assertEquals(claim.next(today).isPresent(), working, "one next step while it is worked");
    claim.next(today).ifPresent(step -> {
      assertEquals(step.owner(), claim.turn());
      assertTrue(WorkingDays.isWorkingDay(step.on()), step.on() + " is closed");
    });
    assertTrue(WorkingDays.isWorkingDay(claim.dueOn(today)), claim.dueOn(today) + " is closed");
    for (var item : claim.live()) {
      assertTrue(WorkingDays.isWorkingDay(item.dueOn()), item.dueOn() + " is closed");
    }
    var clock = claim.clock(today);
    var over = claim.stretches(today).stream()
        .filter(stretch -> stretch.turn() == Turn.OVER)
        .mapToInt(Clock.Stretch::days)
        .sum();
    assertEquals(
        clock.worked() + clock.stood() + over,
        ChronoUnit.DAYS.between(claim.lodgedOn(), today),
        "every day since lodging counts once");
    var last = claim.stints().get(claim.stints().size() - 1);
    assertEquals(last.turn(), claim.turn(), "the last stint is whose turn it is");
    if (claim.turn() == Turn.OURS) {
      assertEquals(claim.dueOn(today.plusDays(30)), claim.dueOn(today), "nothing stands overnight");
      assertEquals(
          claim.pressingOn(),
          claim.pace().pressing(claim.dueOn(today)),
          "what presses is our due date, or what comes before it");
    }
    claim.next(today).filter(step -> step.owner() != Turn.OURS).ifPresent(step -> {
      assertEquals(
          claim.pressingOn(),
          claim.pace().pressing(step.on()),
          "what presses is what is waited for, or what comes before it");
      assertEquals(claim.next(today.plusDays(30)).orElseThrow(), step, "and stays so overnight");
    });
  }
}
