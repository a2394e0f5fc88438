package civitane.core.claims;

import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.StandardTime;
import civitane.core.time.LastDay;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What has become of one request since it was lodged.
 *
 * <p>Immutable: a command gives the next claim, or why it can't be done. Whose turn it is, the next step and the due
 * date follow from the items and stints for any day, and are never kept.
 *
 * @param lodgedOn the day the request reached the office
 * @param pace what makes it press beside its clock
 * @param holder who works it; null while nobody does
 * @param items in the order they were wanted
 * @param stints whose turn it has been, the first from the day of lodging
 * @param decisions the first first
 * @param working what the claim is open for now
 */
public record Claim(
    String number,
    LocalDate lodgedOn,
    StandardTime standard,
    Pace pace,
    ClaimState state,
    @Nullable String holder,
    List<Item> items,
    List<Stint> stints,
    List<Decision> decisions,
    DecisionKind working) {

  private static final Comparator<Item> BY_URGENCY = Comparator.comparing(Item::dueOn)
      .thenComparing(item -> item.want().kind())
      .thenComparing(Item::id);

  /** How soon the office answers what was put to it about the claim itself. */
  private static final int WORKING_DAYS_TO_JUDGE = 2;

  /** What can be done while a decision waits for its second signature. */
  private static final Set<Move> WHILE_UNSIGNED = EnumSet.of(
      Move.HAND_OVER,
      Move.SECOND_SIGN,
      Move.SEND_BACK,
      Move.WITHDRAW,
      Move.NOTE,
      Move.HEAR,
      Move.WRITE_TO);

  public Claim {
    items = List.copyOf(items);
    stints = List.copyOf(stints);
    decisions = List.copyOf(decisions);
    if (stints.isEmpty() || !stints.get(0).from().equals(lodgedOn)) {
      throw new IllegalArgumentException("the first stint begins on the day of lodging");
    }
  }

  /** A request that was lodged, with what it wants. */
  public static Claim lodged(
      String number,
      LocalDate lodgedOn,
      StandardTime standard,
      Pace pace,
      List<Want> wants,
      LocalDate dueOn) {
    var claim = new Claim(
        number,
        lodgedOn,
        standard,
        pace,
        ClaimState.LODGED,
        null,
        List.of(),
        List.of(new Stint(lodgedOn, Turn.OURS)),
        List.of(),
        DecisionKind.FIRST);
    return claim.wanting(wants, dueOn, lodgedOn);
  }

  // What can be asked of it

  public List<Item> live() {
    return items.stream().filter(Item::isLive).toList();
  }

  public Optional<Item> item(int id) {
    return items.stream().filter(item -> item.id() == id).findFirst();
  }

  /** Whose turn it is: ours while nobody has the claim or nothing is wanted of others, and never once it is over. */
  public Turn turn() {
    if (!state.isUndecided()) {
      return Turn.OVER;
    }
    var owners = live().stream().map(Item::turn).toList();
    return state == ClaimState.LODGED || owners.isEmpty() ? Turn.OURS : Turn.of(owners);
  }

  /** The one thing to do next; none once the claim is over. */
  public Optional<NextStep> next(LocalDate today) {
    var turn = turn();
    if (turn == Turn.OVER) {
      return Optional.empty();
    }
    var item = live().stream().filter(one -> one.turn() == turn).min(BY_URGENCY);
    if (state == ClaimState.LODGED && item.isEmpty()) {
      return Optional.of(new NextStep(Step.TAKE_UP, turn, dueOn(today), null));
    }
    return Optional.of(item.map(one -> new NextStep(step(one), turn, one.dueOn(), one))
        .orElseGet(() -> new NextStep(Step.DECIDE, turn, dueOn(today), null)));
  }

  private static Step step(Item item) {
    if (item.state() == ItemState.ANSWERED) {
      return Step.LOOK;
    }
    return switch (item.want().owner()) {
      case HOUSEHOLD -> Step.ANSWER;
      case THIRD_PARTY -> Step.AWAIT;
      default ->
        switch (item.want().kind()) {
          case JUDGEMENT -> item.want().isComparison() ? Step.COMPARE : Step.JUDGE;
          case SECOND_SIGNATURE -> Step.SECOND_SIGN;
          default -> Step.BRING;
        };
    };
  }

  /** Whose turn it has been from day to day, up to, not including, a day. */
  public List<Clock.Stretch> stretches(LocalDate until) {
    var stretches = new ArrayList<Clock.Stretch>();
    for (var i = 0; i < stints.size(); i++) {
      var from = stints.get(i).from();
      var to = i + 1 < stints.size() ? stints.get(i + 1).from() : until;
      if (from.isBefore(to)) {
        stretches.add(new Clock.Stretch(from, to, stints.get(i).turn()));
      }
    }
    return stretches;
  }

  /** How long it was worked and stood; its time begins anew when it was over and is opened again. */
  public Clock clock(LocalDate today) {
    return Clock.of(begunOn(), standard, stretches(today));
  }

  private LocalDate begunOn() {
    var begun = lodgedOn;
    for (var i = 1; i < stints.size(); i++) {
      if (stints.get(i - 1).turn() == Turn.OVER) {
        begun = stints.get(i).from();
      }
    }
    return begun;
  }

  /** When an answer is due, as far as can be told on a day: each day that it stands still moves it by one. */
  public LocalDate dueOn(LocalDate today) {
    return clock(today).dueOn();
  }

  /**
   * The day that presses, for sorting: our own due date while the clock runs, else when what is waited for is due; an
   * outside date where that comes first. It stays the same while nothing happens.
   */
  public LocalDate pressingOn() {
    var last = stints.get(stints.size() - 1);
    return pace.pressing(
        turn() == Turn.HOUSEHOLD || turn() == Turn.THIRD_PARTY
            ? next(last.from()).map(NextStep::on).orElse(last.from())
            : dueOn(last.from()));
  }

  /** Whether our answer is due only after the day that it should come before. */
  public boolean comesTooLate(LocalDate today) {
    var outside = pace.outside();
    return state.isUndecided() && outside != null && dueOn(today).isAfter(outside.on());
  }

  /** The last decision that has not been taken back. */
  public Optional<Decision> decision() {
    return decisions.stream()
        .filter(decision -> decision.state() != DecisionState.TAKEN_BACK)
        .reduce((earlier, later) -> later);
  }

  /** Whether what was decided last stands, gives something, and goes on. */
  public boolean isGranted() {
    return (state == ClaimState.DECIDED || state == ClaimState.RUNNING)
        && decision()
            .filter(one -> one.state() == DecisionState.STANDS && one.grants())
            .isPresent();
  }

  /** A decision that somebody else has to sign yet. */
  public Optional<Decision> unsigned() {
    return decision().filter(one -> one.state() == DecisionState.WAITS_FOR_SECOND);
  }

  // What can be done with it

  /** Somebody takes it up who is free to: nobody else has it. */
  public Moved takeUp(Act act, String login) {
    return move(Move.TAKE_UP, act, () -> {
      if (holder != null && !holder.equals(login)) {
        throw new Impossible(Why.HELD_BY_SOMEBODY.with(Argument.told(holder)));
      }
      return heldBy(login);
    });
  }

  public Moved handOver(Act act, String login) {
    return move(Move.HAND_OVER, act, () -> heldBy(login));
  }

  /**
   * The rules have been asked again.
   *
   * @param wants all they want now; what is wanted already keeps its date, and what is not wanted any more is dropped
   * @param dueOn by when what is new is wanted of others
   */
  public Moved want(Act act, List<Want> wants, LocalDate dueOn) {
    return move(Move.WANT, act, () -> wanting(wants, dueOn, act.on()));
  }

  /** Whether this is wanted already, and nothing else that the rules want. */
  public boolean wantsAlready(List<Want> wants) {
    var live =
        live().stream().map(Item::want).filter(want -> !want.isOfTheClaim()).toList();
    return live.stream().allMatch(want -> wants.stream().anyMatch(want::isSameAs))
        && wants.stream().allMatch(want -> live.stream().anyMatch(want::isSameAs));
  }

  /** Somebody finds something wanting that the rules do not. */
  public Moved find(Act act, Want want, LocalDate dueOn) {
    return move(
        Move.WANT,
        act,
        () -> live().stream().anyMatch(item -> item.want().isSameAs(want))
            ? this
            : with(Item.open(items.size() + 1, want, dueOn)));
  }

  /**
   * The household is asked for what it is to bring: it has until a day for all of it.
   *
   * @param asked items of the household to which nothing has come yet
   */
  public Moved ask(Act act, List<Integer> asked, LocalDate dueOn) {
    return move(Move.ASK, act, () -> {
      var open = asked.stream().map(this::live).toList();
      if (open.isEmpty() || open.stream().anyMatch(item -> item.turn() != Turn.HOUSEHOLD)) {
        throw new Impossible(Why.NOTHING_TO_ASK.with());
      }
      return each(item -> open.contains(item) ? item.until(dueOn) : item);
    });
  }

  /** Something came for an item. */
  public Moved answer(Act act, int item) {
    return move(Move.ANSWER, act, () -> with(live(item).in(ItemState.ANSWERED)));
  }

  /** What came settles an item, or the office knows enough without. */
  public Moved accept(Act act, int item) {
    return move(Move.ACCEPT, act, () -> with(live(item).in(ItemState.ACCEPTED)));
  }

  /**
   * What came does not settle an item.
   *
   * @param why what is wrong with it, and what would settle it
   */
  public Moved giveBack(Act act, int item, List<Reason> why, LocalDate dueOn) {
    return move(Move.GIVE_BACK, act, () -> {
      if (live(item).state() != ItemState.ANSWERED) {
        throw new Impossible(Why.NOTHING_CAME.with());
      }
      return with(live(item).returnedFor(why, dueOn));
    });
  }

  public Moved moreTime(Act act, int item, LocalDate until) {
    return move(Move.MORE_TIME, act, () -> {
      if (!until.isAfter(live(item).dueOn())) {
        throw new Impossible(Why.NOT_LATER.with(Argument.day(live(item).dueOn())));
      }
      return with(live(item).until(until));
    });
  }

  /** What others have to do by a day on which the office is closed is due on the next one that it is open. */
  public Moved movedToOpen(Act act, LastDay lastDays) {
    return move(
        Move.CLOSED_DAYS,
        act,
        () -> each(item -> item.isLive() && item.want().owner() != Turn.OURS
            ? item.until(lastDays.of(item.dueOn()))
            : item));
  }

  /**
   * Decides it, on a determination; what is still wanted is not needed any longer.
   *
   * @param reason why it is decided otherwise than computed; null where it is not
   * @param second whether somebody else has to sign before it stands
   */
  public Moved decide(
      Act act,
      String login,
      boolean grants,
      UUID determination,
      @Nullable String reason,
      boolean second) {
    return move(Move.DECIDE, act, () -> {
      nothingUnread();
      var decision = new Decision(
          decisions.size() + 1,
          working,
          grants,
          determination,
          reason,
          login,
          act.on(),
          null,
          second ? DecisionState.WAITS_FOR_SECOND : DecisionState.STANDS);
      var decided = over().deciding(decision);
      return second ? decided.withSignatureWanted(act.on()) : decided;
    });
  }

  /** Somebody other than who decided signs second, and the decision stands. */
  public Moved secondSign(Act act, String login) {
    return move(Move.SECOND_SIGN, act, () -> {
      var decision = unsigned().orElseThrow(() -> new Impossible(Why.NOTHING_TO_SIGN.with()));
      if (decision.by().equals(login)) {
        throw new Impossible(Why.SIGNED_FIRST.with());
      }
      nothingUnread();
      return withoutSignature().over().replacing(decision.signedBy(login));
    });
  }

  /** What the household said is answered, and who goes on with it is known, before anything is decided over them. */
  private void nothingUnread() {
    if (live().stream().anyMatch(item -> item.want().isSaidByHousehold())) {
      throw new Impossible(Why.UNREAD_FIRST.with());
    }
    if (live().stream().anyMatch(item -> item.want().subject().startsWith(Want.DIED))) {
      throw new Impossible(Why.DIED_FIRST.with());
    }
  }

  /** Takes a decision back: against the second signature, or before its letter has left. */
  public Moved sendBack(Act act) {
    return move(Move.SEND_BACK, act, () -> {
      var last = (state == ClaimState.OPEN ? unsigned() : decision())
          .orElseThrow(() -> new Impossible(Why.NOTHING_TO_SIGN.with()));
      return withoutSignature().replacing(last.takenBack()).openFor(last.kind());
    });
  }

  // What makes it press

  /** Notes the day that an answer should come before, or that there is none any more. */
  public Moved outsideDate(Act act, @Nullable OutsideDate date) {
    return move(Move.OUTSIDE_DATE, act, () -> at(pace.until(date)));
  }

  /** The household wishes that it goes before others; somebody of the office answers that soon. */
  public Moved wishToHurry(Act act, Reason because) {
    return move(Move.WISH, act, () -> judging(Want.HURRY, because, act.on()));
  }

  /** Answers the wish: then it is urgent, or stays as it was. */
  public Moved answerWish(Act act, boolean granted) {
    return move(Move.ANSWER_WISH, act, () -> {
      var settled = with(judged(Want.HURRY).in(ItemState.ACCEPTED));
      return granted ? settled.at(pace.hurried()) : settled;
    });
  }

  /**
   * Somebody finds that it reached the office on another day; it counts once somebody else has looked at it.
   *
   * @param on the day it is said to have reached the office
   */
  public Moved reachedOtherwise(Act act, LocalDate on, Reason because) {
    return move(Move.REACHED_OTHERWISE, act, () -> {
      if (on.isAfter(act.on()) || stints.size() > 1 && on.isAfter(stints.get(1).from())) {
        throw new Impossible(Why.SOMETHING_HAPPENED_BEFORE.with(Argument.day(on)));
      }
      return judging(Want.REACHED + login(act), because, act.on());
    });
  }

  /** Somebody other than who found it agrees that it reached the office on that day, or does not. */
  public Moved answerReached(Act act, boolean agreed) {
    return move(Move.ANSWER_REACHED, act, () -> {
      var item = judged(Want.REACHED);
      var claimed = item.want().reasons().get(0);
      if (agreed && item.want().subject().equals(Want.REACHED + login(act))) {
        throw new Impossible(Why.SIGNED_FIRST.with());
      }
      var settled = with(item.in(ItemState.ACCEPTED));
      return agreed ? settled.reached(((Argument.Day) claimed.arguments().get(0)).on()) : settled;
    });
  }

  /** Something comes up that the office has to look at: it is put to it once. */
  public Moved surface(Act act, String subject, Reason because) {
    return move(Move.SURFACE, act, () -> {
      if (items.stream().anyMatch(item -> item.want().subject().equals(subject))) {
        throw new Impossible(Why.KNOWN_ALREADY.with());
      }
      return judging(subject, because, act.on());
    });
  }

  /** The household says something that somebody of the office reads; while one such waits, the next joins it. */
  public Moved hear(Act act, String about, String subject, Reason said) {
    return move(
        Move.HEAR,
        act,
        () -> live().stream().anyMatch(item -> item.want().subject().startsWith(about))
            ? this
            : judging(subject, said, act.on()));
  }

  /**
   * The household is told that it would get less than by the decision that stands.
   *
   * @param until the last day on which it can say what is wrong with that
   */
  public Moved giveNotice(Act act, LocalDate until) {
    return move(Move.GIVE_NOTICE, act, () -> {
      var standing = standing().orElseThrow(() -> new Impossible(Why.NOTHING_TO_ANSWER.with()));
      var want = new Want(
          ItemKind.JUDGEMENT,
          Want.NOTICED + standing.id(),
          List.of(Why.NOTICED.with(Argument.day(until))),
          Turn.HOUSEHOLD);
      if (items.stream().anyMatch(item -> item.want().isSameAs(want))) {
        throw new Impossible(Why.KNOWN_ALREADY.with());
      }
      return each(item -> item.isLive() && item.want().subject().startsWith(Want.GIVES_LESS)
              ? item.in(ItemState.ACCEPTED)
              : item)
          .with(Item.open(items.size() + 1, want, until));
    });
  }

  /** What the household was told before it gets less than by the decision that stands; none where it was not. */
  public Optional<Item> notice() {
    return standing()
        .flatMap(decision -> items.stream()
            .filter(item -> item.want().subject().equals(Want.NOTICED + decision.id()))
            .findFirst());
  }

  /** Whether the household was told that it would get less, and has answered or had its time. */
  public boolean isNoticeOver() {
    return notice().filter(item -> item.state() == ItemState.ACCEPTED).isPresent();
  }

  /** The decision that stands and grants something, whatever the claim is open for since. */
  public Optional<Decision> standing() {
    return decisions.stream()
        .filter(decision -> decision.state() == DecisionState.STANDS)
        .reduce((earlier, later) -> later)
        .filter(Decision::grants);
  }

  /** The household is written to: what it wrote before is answered. */
  public Moved writeTo(Act act) {
    return move(
        Move.WRITE_TO,
        act,
        () -> each(item -> item.isLive() && item.want().subject().startsWith(Want.WROTE)
            ? item.in(ItemState.ACCEPTED)
            : item));
  }

  private static String login(Act act) {
    return act.by() instanceof Actor.Staff staff ? staff.login() : "";
  }

  private Item judged(String subject) {
    return live().stream()
        .filter(item -> item.want().subject().startsWith(subject))
        .findFirst()
        .orElseThrow(() -> new Impossible(Why.NOTHING_TO_ANSWER.with()));
  }

  private Claim judging(String subject, Reason because, LocalDate on) {
    var want = new Want(ItemKind.JUDGEMENT, subject, List.of(because), Turn.OURS);
    var before = live().stream().filter(item -> item.want().isSameAs(want)).findFirst();
    var claim = before.map(item -> with(item.in(ItemState.NO_LONGER_NEEDED))).orElse(this);
    return claim.with(
        Item.open(items.size() + 1, want, WorkingDays.add(on, WORKING_DAYS_TO_JUDGE)));
  }

  /** What was granted begins. */
  public Moved run(Act act) {
    return move(Move.RUN, act, () -> this);
  }

  public Moved reportChange(Act act) {
    return move(Move.REPORT_CHANGE, act, () -> openFor(DecisionKind.AFTER_CHANGE));
  }

  public Moved renew(Act act) {
    return move(Move.RENEW, act, () -> openFor(DecisionKind.RENEWAL));
  }

  public Moved openAgain(Act act) {
    return move(Move.OPEN_AGAIN, act, () -> openFor(DecisionKind.OPENED_AGAIN));
  }

  public Moved withdraw(Act act) {
    return move(Move.WITHDRAW, act, () -> over());
  }

  /** A person lets it lapse; no clock does. */
  public Moved lapse(Act act) {
    return move(Move.LAPSE, act, () -> over());
  }

  public Moved close(Act act) {
    return move(Move.CLOSE, act, () -> over());
  }

  public Moved note(Act act) {
    return move(Move.NOTE, act, () -> this);
  }

  /** A move that the claim as it stands does not allow. */
  private static final class Impossible extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Reason because;

    Impossible(Reason because) {
      super(because.code().code());
      this.because = because;
    }
  }

  private Moved move(Move move, Act act, Supplier<Claim> next) {
    if (!move.isPossibleIn(state)) {
      return new Moved.Refused(Why.NOT_IN_THIS_STATE.with(Argument.term(state)));
    }
    if (unsigned().isPresent() && !WHILE_UNSIGNED.contains(move)) {
      return new Moved.Refused(Why.WAITS_FOR_SECOND.with());
    }
    try {
      var moved = next.get();
      var stays = move == Move.DECIDE && moved.unsigned().isPresent();
      var claim = (stays ? moved : moved.in(move.to().orElse(state))).turnedOn(act.on());
      return new Moved.Done(claim, new Happened(move, act, claim.turn()));
    } catch (Impossible refused) {
      return new Moved.Refused(refused.because);
    }
  }

  private Item live(int id) {
    var item = item(id).orElseThrow(() -> new Impossible(Why.NO_SUCH_ITEM.with()));
    if (!item.isLive()) {
      throw new Impossible(Why.ITEM_NOT_LIVE.with(Argument.term(item.state())));
    }
    return item;
  }

  private Claim wanting(List<Want> wants, LocalDate dueOn, LocalDate on) {
    // What is ours is due when the claim is, as far as the clock has stood until now.
    var ours = dueOn(on);
    var next = new ArrayList<Item>();
    for (var item : items) {
      var wanted = wants.stream().filter(want -> want.isSameAs(item.want())).findFirst();
      var stays = !item.isLive() || wanted.isPresent() || item.want().isOfTheClaim();
      next.add(stays ? item : item.in(ItemState.NO_LONGER_NEEDED));
    }
    for (var want : wants) {
      if (next.stream().noneMatch(item -> item.isLive() && item.want().isSameAs(want))) {
        next.add(Item.open(next.size() + 1, want, want.owner() == Turn.OURS ? ours : dueOn));
      }
    }
    return withItems(next);
  }

  /** The second signature is the office's to give within its own time. */
  private Claim withSignatureWanted(LocalDate on) {
    var want = new Want(
        ItemKind.SECOND_SIGNATURE,
        ItemKind.SECOND_SIGNATURE.word(),
        List.of(Why.SECOND_WANTED.with()),
        Turn.OURS);
    return with(Item.open(items.size() + 1, want, later(on, dueOn(on))));
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  private Claim withoutSignature() {
    return each(item -> item.isLive() && item.want().kind() == ItemKind.SECOND_SIGNATURE
        ? item.in(ItemState.ACCEPTED)
        : item);
  }

  private Claim over() {
    return each(item -> item.isLive() ? item.in(ItemState.NO_LONGER_NEEDED) : item);
  }

  private Claim with(Item item) {
    return item.id() > items.size()
        ? withItems(Stream.concat(items.stream(), Stream.of(item)).toList())
        : each(one -> one.id() == item.id() ? item : one);
  }

  private Claim each(UnaryOperator<Item> change) {
    return withItems(items.stream().map(change).toList());
  }

  private Claim turnedOn(LocalDate day) {
    var last = stints.get(stints.size() - 1);
    var turn = turn();
    if (last.turn() == turn) {
      return this;
    }
    // What happened last on a day decides the day.
    var before = stints.subList(0, last.from().equals(day) ? stints.size() - 1 : stints.size());
    var joins = !before.isEmpty() && before.get(before.size() - 1).turn() == turn;
    var next = joins
        ? before
        : Stream.concat(before.stream(), Stream.of(new Stint(day, turn))).toList();
    return new Claim(
        number, lodgedOn, standard, pace, state, holder, items, next, decisions, working);
  }

  private Claim at(Pace other) {
    return new Claim(
        number, lodgedOn, standard, other, state, holder, items, stints, decisions, working);
  }

  private Claim reached(LocalDate day) {
    var first = new Stint(day, stints.get(0).turn());
    var rest = stints.subList(1, stints.size());
    // What began on the very day that it reached the office leaves nothing of the first.
    var next = !rest.isEmpty() && rest.get(0).from().equals(day)
        ? rest
        : Stream.concat(Stream.of(first), rest.stream()).toList();
    return new Claim(number, day, standard, pace, state, holder, items, next, decisions, working);
  }

  private Claim withItems(List<Item> next) {
    return new Claim(
        number, lodgedOn, standard, pace, state, holder, next, stints, decisions, working);
  }

  private Claim in(ClaimState next) {
    return new Claim(
        number, lodgedOn, standard, pace, next, holder, items, stints, decisions, working);
  }

  private Claim heldBy(String login) {
    return new Claim(
        number, lodgedOn, standard, pace, state, login, items, stints, decisions, working);
  }

  private Claim openFor(DecisionKind kind) {
    return new Claim(
        number, lodgedOn, standard, pace, state, holder, items, stints, decisions, kind);
  }

  private Claim deciding(Decision decision) {
    var chain = Stream.concat(decisions.stream(), Stream.of(decision)).toList();
    return new Claim(
        number, lodgedOn, standard, pace, state, holder, items, stints, chain, working);
  }

  private Claim replacing(Decision decision) {
    var chain = decisions.stream()
        .map(one -> one.id() == decision.id() ? decision : one)
        .toList();
    return new Claim(
        number, lodgedOn, standard, pace, state, holder, items, stints, chain, working);
  }
}
