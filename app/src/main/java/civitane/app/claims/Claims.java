package civitane.app.claims;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.app.households.Households;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.claims.Act;
import civitane.core.claims.Actor;
import civitane.core.claims.Claim;
import civitane.core.claims.ClaimNumber;
import civitane.core.claims.Decision;
import civitane.core.claims.Happened;
import civitane.core.claims.Item;
import civitane.core.claims.Move;
import civitane.core.claims.Moved;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.ledger.Assembled;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.services.Services;
import civitane.core.time.LastDay;
import civitane.packet.PacketWriter;
import civitane.words.Voice;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** Keeps claims: every move is made by the core, and what it makes of a claim is kept with what happened. */
@Service
public class Claims {
  /** How long a household has to answer, in days. */
  private static final int DAYS_TO_ANSWER = 14;

  private static final int LONGEST_NOTE = 2_000;

  private static final int CENTURY = 100;

  private final ClaimRepository claims;
  private final HeldClaims held;
  private final EventRepository events;
  private final FallingDue falling;
  private final Impartial impartial;
  private final Households households;
  private final Ledgers ledgers;
  private final Staff staff;
  private final AuditLog audit;
  private final ApplicationEventPublisher told;
  private final JsonMapper json;
  private final LastDay lastDays;
  private final Clock clock;

  Claims(
      ClaimRepository claims,
      HeldClaims held,
      EventRepository events,
      FallingDue falling,
      Impartial impartial,
      Households households,
      Ledgers ledgers,
      Staff staff,
      AuditLog audit,
      ApplicationEventPublisher told,
      JsonMapper json,
      LastDay lastDays,
      Clock clock) {
    this.claims = claims;
    this.held = held;
    this.events = events;
    this.falling = falling;
    this.impartial = impartial;
    this.households = households;
    this.ledgers = ledgers;
    this.staff = staff;
    this.audit = audit;
    this.told = told;
    this.json = json;
    this.lastDays = lastDays;
    this.clock = clock;
  }

  /** Opens a claim for a lodged request; every gap becomes an item. Answers its number. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String lodge(Actor by, NewClaim fresh) {
    var number = new ClaimNumber(fresh.lodgedOn().getYear() % CENTURY, (int) claims.nextRunning())
        .toString();
    var claim = Claim.lodged(
        number, fresh.lodgedOn(), fresh.standard(), fresh.pace(), fresh.wants(), toAnswerBy());
    var stored = claims.save(new StoredClaim(fresh, claim));
    keep(stored, new Happened(Move.LODGE, act(by), claim.turn()));
    audit.record(by.written(), "claim lodged", number, fresh.service());
    return number;
  }

  /** By when the household brings what is asked of it today. */
  public LocalDate toAnswerBy() {
    return lastDays.of(today().plusDays(DAYS_TO_ANSWER));
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private Act act(Staff.Colleague by, Reason... because) {
    return act(by.actor(), because);
  }

  private Act act(Actor by, Reason... because) {
    return Act.of(by, today(), because);
  }

  /** Takes a claim up: from now on somebody has it. */
  @Transactional
  public void take(Staff.Colleague by, String number) {
    var stored = hold(number);
    impartial(by, stored);
    var act = act(by, Why.TAKEN_UP.with(Argument.told(by.name())));
    move(stored, claim -> claim.takeUp(act, by.login()));
    audit.record(by.login(), "claim taken", number, "");
  }

  /** Refuses somebody who had a hand in the decision that an appeal is about. */
  public void impartial(Staff.Colleague who, String number) {
    impartial(who, find(number));
  }

  private void impartial(Staff.Colleague who, StoredClaim stored) {
    if (impartial.hadAHand(who.login(), stored)) {
      throw refused(Why.HAD_A_HAND.with(Argument.told(who.name())));
    }
  }

  /** The facts have been set otherwise, so that this is wanted now. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void use(
      Staff.Colleague by, String number, int version, List<Want> wants, Reason because) {
    var stored = hold(number);
    on(stored, version);
    mine(by, stored.claim());
    move(stored, one -> one.want(act(by, because), wants, toAnswerBy()));
    audit.record(by.login(), "facts used", number, "");
  }

  /** Changes something of a claim itself, on the version that was looked at. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void change(
      Staff.Colleague by,
      String number,
      int version,
      Reason because,
      BiFunction<Claim, Act, Moved> how) {
    var stored = hold(number);
    on(stored, version);
    var act = act(by, because);
    move(stored, claim -> how.apply(claim, act));
    audit.record(by.login(), "claim changed", number, because.code().key());
  }

  /** Something came, or was read, for an item of a claim: it moves, whoever looks at it meanwhile. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void moveItem(Actor by, String number, Reason because, BiFunction<Claim, Act, Moved> how) {
    var act = act(by, because);
    move(hold(number), claim -> how.apply(claim, act));
  }

  /** What came up with the claims of a household is settled, wherever it still is. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void settle(Staff.Colleague by, UUID household, String subject, Reason because) {
    for (var stored : claims.findByHouseholdIdOrderByNumber(household)) {
      stored.claim().live().stream()
          .filter(item -> item.want().subject().equals(subject))
          .forEach(item -> moveItem(
              by.actor(), stored.number(), because, (claim, act) -> claim.accept(act, item.id())));
    }
  }

  /** Something comes up with the claims of a household that nobody has decided yet; what has before does not again. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void surface(UUID household, String subject, Reason because) {
    for (var stored : claims.findByHouseholdIdOrderByNumber(household)) {
      var claim = stored.claim();
      if (claim.state().isUndecided()
          && claim.items().stream().noneMatch(item -> item.want().subject().equals(subject))) {
        var act = Act.of(new Actor.OfficeClock(), today(), because);
        move(hold(stored.number()), one -> one.surface(act, subject, because));
      }
    }
  }

  /** Holds a claim before anything of it is read, so that what happens to it meanwhile is waited for and not overtaken. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void waitFor(String number) {
    hold(number);
  }

  /**
   * Something is said about a claim that somebody of the office reads. Where the claim is over it is only noted.
   *
   * @param about what kind of thing it is; while one of it waits, the next joins it
   * @return whether it is a next step of the claim now
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean hear(Actor by, String number, String about, Reason said) {
    var stored = hold(number);
    if (!stored.claim().state().isUndecided()) {
      note(by, number, said);
      return false;
    }
    var subject = about + UUID.randomUUID();
    move(stored, claim -> claim.hear(act(by, said), about, subject, said));
    audit.record(by.written(), "claim heard", number, said.code().key());
    return true;
  }

  /** What happened to a claim that is told with some codes, the first first. */
  @Transactional(readOnly = true)
  public List<Told> told(String number, Set<Why> codes) {
    return events.findByClaimIdOrderByHappenedAtAscIdAsc(idOf(number)).stream()
        .flatMap(event -> event.reasons().stream()
            .flatMap(reason -> codes.stream()
                .filter(code -> code.code().equals(reason.code().code()))
                .map(code -> new Told(event.happenedAt(), code, reason.arguments()))))
        .toList();
  }

  /** Who answers what is said about a claim that is over: whoever has it, else the seniors. */
  @Transactional(readOnly = true)
  public List<String> whoAnswers(String number) {
    var holder = find(number).claim().holder();
    return holder == null
        ? staff.whoWorkClaims().stream()
            .filter(one -> one.role() == Role.SENIOR)
            .map(Staff.Colleague::login)
            .toList()
        : List.of(holder);
  }

  /** Something that was told, and when. */
  public record Told(Instant at, Why code, List<? extends Argument> arguments) {}

  /** Who may change a claim: whoever has it, and a senior. */
  @Transactional(readOnly = true)
  public void mine(Staff.Colleague by, String number) {
    mine(by, find(number).claim());
  }

  /** Whether there is a claim of a number. */
  @Transactional(readOnly = true)
  public boolean isThere(String number) {
    return claims.findByNumber(number).isPresent();
  }

  /** The request of a claim, as the ledger knows it. */
  @Transactional(readOnly = true)
  public UUID requestOf(String number) {
    return find(number).requestId();
  }

  /** The claim as it stands. */
  @Transactional(readOnly = true)
  public Claim claim(String number) {
    return find(number).claim();
  }

  /**
   * Closes a claim's work with a decision, on the version that was looked at.
   *
   * @param second whether somebody else has to sign before it stands
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void decide(
      Staff.Colleague by,
      String number,
      int version,
      boolean grant,
      UUID determination,
      @Nullable String reason,
      boolean second) {
    var stored = hold(number);
    on(stored, version);
    mine(by, stored.claim());
    impartial(by, stored);
    var act = act(by, decided(grant, second).with());
    move(stored, claim -> claim.decide(act, by.login(), grant, determination, reason, second));
  }

  private static Why decided(boolean grant, boolean second) {
    if (second) {
      return grant ? Why.GRANTED_UNSIGNED : Why.REFUSED_UNSIGNED;
    }
    return grant ? Why.GRANTED : Why.REFUSED;
  }

  /** Signs a decision second, on the version that was looked at: by somebody who set none of its facts. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void signSecond(Staff.Colleague by, String number, int version) {
    var stored = hold(number);
    on(stored, version);
    if (ledgers.hasSet(stored.householdId(), by.login())) {
      throw refused(Why.CHANGED_ITS_FACTS.with());
    }
    impartial(by, stored);
    var act = act(by, Why.SIGNED_SECOND.with(Argument.told(by.name())));
    move(stored, claim -> claim.secondSign(act, by.login()));
    audit.record(by.login(), "decision signed second", number, "");
  }

  /** What is done to a claim is done to the one that was looked at. */
  private static void on(StoredClaim stored, int version) {
    if (stored.version() != version) {
      throw Problem.overtaken(
          "Somebody changed this claim after you opened it. Look at it again; nothing of yours was kept over theirs.");
    }
  }

  /** A claim is worked by whoever has it; a senior may step in. */
  private void mine(Staff.Colleague by, Claim claim) {
    var holder = claim.holder();
    if (holder == null && claim.state().isUndecided()) {
      throw refused(Why.NOBODY_HAS_IT.with());
    }
    if (holder != null && !holder.equals(by.login()) && by.role() != Role.SENIOR) {
      throw refused(Why.HELD_BY_SOMEBODY.with(Argument.told(holder)));
    }
  }

  /** Whoever lodged a claim wishes that it goes before others. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void wishes(Actor by, String number, String because) {
    var wish = Why.WISH.with(Argument.told(because));
    move(hold(number), claim -> claim.wishToHurry(act(by, wish), wish));
  }

  /** Notes something on a claim that nobody has to do anything about. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void note(Staff.Colleague by, String number, Reason what) {
    note(by.actor(), number, what);
  }

  /** The same of whoever does it. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void note(Actor by, String number, Reason what) {
    move(hold(number), claim -> claim.note(act(by, what)));
    audit.record(by.written(), "claim noted", number, "");
  }

  /** Notes what somebody writes, to be known by whoever looks at the claim. */
  @Transactional
  public void noted(Staff.Colleague by, String number, String text) {
    if (text == null || text.isBlank() || text.length() > LONGEST_NOTE) {
      throw Problem.wrong("A note has something in it, and at most " + LONGEST_NOTE + " letters.");
    }
    note(by, number, Why.NOTED.with(Argument.told(text.strip())));
  }

  private void move(StoredClaim stored, Function<Claim, Moved> how) {
    var moved = how.apply(stored.claim());
    if (moved instanceof Moved.Refused refused) {
      throw refused(refused.because());
    } else if (moved instanceof Moved.Done done) {
      stored.becomes(done.claim());
      claims.flush();
      keep(stored, done.happened());
    }
  }

  /** Holds a claim that somebody has and looked at, before anything of it is read. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void waitFor(Staff.Colleague by, String number, int version) {
    var stored = hold(number);
    on(stored, version);
    mine(by, stored.claim());
  }

  /** Somebody else was faster where they have it; else it can't be done as the claim stands. */
  private Problem refused(Reason because) {
    if (because.code() == Why.HELD_BY_SOMEBODY
        && because.arguments().get(0) instanceof Argument.Told holder) {
      var named = Why.HELD_BY_SOMEBODY.with(Argument.told(staff.nameOf(holder.text())));
      return Problem.overtaken(DeskWords.WORDS.say(named, Voice.DESK));
    }
    return Problem.wrong(DeskWords.WORDS.say(because, Voice.DESK));
  }

  private void keep(StoredClaim stored, Happened happened) {
    falling.changes();
    events.save(new StoredEvent(stored.id(), clock.instant(), happened));
    told.publishEvent(new ClaimMoved(
        stored.number(), stored.householdId(), happened.act().by().written()));
  }

  @Transactional(readOnly = true)
  public ClaimView view(String number) {
    var stored = find(number);
    var claim = stored.claim();
    var read = ledgers.withActing(stored.householdId(), stored.requestId());
    var household = households.named(stored.householdId());
    var times = claim.clock(today());
    var history = events.findByClaimIdOrderByHappenedAtAscIdAsc(stored.id());
    var names = history.stream()
        .map(StoredEvent::actor)
        .distinct()
        .collect(Collectors.toMap(Function.identity(), staff::nameOf));
    return new ClaimView(
        claim.number(),
        stored.householdId(),
        household.name(),
        household.town(),
        stored.service(),
        Catalogue.title(stored.service()),
        claim.state().word(),
        claim.turn().word(),
        claim.lodgedOn(),
        times.dueOn(),
        times.worked(),
        times.stood(),
        claim.next(today()).map(ClaimView.NextStep::of).orElse(null),
        claim.holder() == null ? null : staff.nameOf(claim.holder()),
        claim.pace().urgent(),
        ClaimView.Outside.of(claim, today()),
        stored.version(),
        ClaimView.Stretch.of(claim.stretches(today())),
        ClaimView.ActingView.of(read.acting(), today()),
        claim.live().stream()
            .map(item ->
                ClaimView.Item.of(item, read.facts().places(), ClaimWords.putRight(item, history)))
            .toList(),
        history.stream()
            .map(event -> ClaimView.Event.of(event, known(names.get(event.actor()))))
            .toList(),
        Masked.packet(json.readTree(PacketWriter.written(read.facts().packet()))));
  }

  /** What a claim stands on, put together from what is known now. */
  @Transactional(readOnly = true)
  public Assembled facts(String number) {
    return facts(find(number));
  }

  /** The same without what the office's own books hold. */
  @Transactional(readOnly = true)
  public Assembled told(String number) {
    var stored = find(number);
    return ledgers.told(stored.householdId(), stored.requestId());
  }

  private Assembled facts(StoredClaim stored) {
    return ledgers.assembled(stored.householdId(), stored.requestId());
  }

  @Transactional(readOnly = true)
  public UUID householdOf(String number) {
    return find(number).householdId();
  }

  /** What people found open, taking the application or looking at it since, and still is. */
  @Transactional(readOnly = true)
  public List<Want> foundByPeople(String number) {
    return find(number).claim().live().stream()
        .map(Item::want)
        .filter(Want::isFoundByPeople)
        .toList();
  }

  /** The claims of a household that nobody has decided yet. */
  @Transactional(readOnly = true)
  public List<String> undecidedOf(UUID household) {
    return claims.findByHouseholdIdOrderByNumber(household).stream()
        .filter(stored -> stored.claim().state().isUndecided())
        .map(StoredClaim::number)
        .toList();
  }

  /** What a claim stands on has been set for another of the household: this is wanted now. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void wake(Actor by, String number, List<Want> wants, Reason because) {
    move(hold(number), claim -> claim.want(act(by, because), wants, toAnswerBy()));
  }

  /** A change touches what was decided on a claim: it is open again, and this is wanted for it now. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void reopen(Staff.Colleague by, String number, Reason because) {
    move(hold(number), claim -> claim.reportChange(act(by, because)));
    audit.record(by.login(), "claim open after a change", number, "");
  }

  /** Whether something that came up with the claims of a household is not settled yet. */
  @Transactional(readOnly = true)
  public boolean isUnsettled(UUID household, String subject) {
    return claims.findByHouseholdIdOrderByNumber(household).stream()
        .flatMap(stored -> stored.claim().live().stream())
        .anyMatch(item -> item.want().subject().equals(subject));
  }

  /** Whether whoever a claim is of has died, so that nothing is sent to them. */
  @Transactional(readOnly = true)
  public boolean isOfWhoDied(String number) {
    var facts = facts(number);
    var applicant =
        facts.places().ids().get(facts.packet().household().applicant().id());
    return ledgers.died(householdOf(number)).containsKey(applicant);
  }

  /** The claims of a household whose last decision stands and grants something. */
  @Transactional(readOnly = true)
  public List<String> grantedOf(UUID household) {
    return claims.findByHouseholdIdOrderByNumber(household).stream()
        .filter(stored -> stored.claim().isGranted())
        .map(StoredClaim::number)
        .toList();
  }

  /** What was decided last on a claim, and stands. */
  @Transactional(readOnly = true)
  public Optional<Decision> decision(String number) {
    return find(number).claim().decision();
  }

  /** Whether a claim is for who makes it alone, so that nobody else of the household is to come upon it. */
  @Transactional(readOnly = true)
  public boolean isPrivate(String number) {
    var packet = told(number).packet();
    return Services.isPrivate(packet.requests().get(0), packet.household());
  }

  /** The application that a claim came with. */
  @Transactional(readOnly = true)
  public UUID applicationOf(String number) {
    return find(number).applicationId();
  }

  @Transactional(readOnly = true)
  public UUID idOf(String number) {
    return find(number).id();
  }

  private StoredClaim hold(String number) {
    return ClaimNumber.parse(number)
        .flatMap(parsed -> held.hold(parsed.toString()))
        .orElseThrow(() -> Problem.notThere("A claim with this number"));
  }

  private StoredClaim find(String number) {
    return ClaimNumber.parse(number)
        .flatMap(parsed -> claims.findByNumber(parsed.toString()))
        .orElseThrow(() -> Problem.notThere("A claim with this number"));
  }
}
