package civitane.app.decisions;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.claims.SaidValue;
import civitane.app.claims.Wanting;
import civitane.app.determining.ChangedFacts;
import civitane.app.determining.ResultView;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.LetterText;
import civitane.app.letters.Letters;
import civitane.app.letters.LettersOut;
import civitane.app.money.Settlement;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.DecisionState;
import civitane.core.claims.SecondSignature;
import civitane.core.claims.Why;
import civitane.core.facts.Packet;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.rules.ResultChange;
import civitane.packet.PacketWriter;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Determining and deciding claims. */
@Service
public class Decisions {
  /** Facts of the household and answers; never what others are known by, the day, a paper or a signature. */
  private static final Pattern SETTABLE =
      Pattern.compile("/(?:household|requests/0/answers)(?:/[^/]+)*/(?!id$)[^/]+");

  /** The kind of letter that tells a decision. */
  static final String LETTER = "decision";

  private static final String UNREADABLE = "The claim's facts can't be read.";

  private final Claims claims;
  private final Ledgers ledgers;
  private final Screenings screenings;
  private final Wanting wanting;
  private final Notices notices;
  private final Overpaying overpaying;
  private final SecondSignatures seconds;
  private final Guard guard;
  private final Letters letters;
  private final LettersOut lettersOut;
  private final Staff staff;
  private final AuditLog audit;
  private final DeterminationRepository determinations;
  private final JsonMapper json;
  private final Clock clock;

  Decisions(
      Claims claims,
      Ledgers ledgers,
      Screenings screenings,
      Wanting wanting,
      Notices notices,
      Overpaying overpaying,
      SecondSignatures seconds,
      Guard guard,
      Letters letters,
      LettersOut lettersOut,
      Staff staff,
      AuditLog audit,
      DeterminationRepository determinations,
      JsonMapper json,
      Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.screenings = screenings;
    this.wanting = wanting;
    this.notices = notices;
    this.overpaying = overpaying;
    this.seconds = seconds;
    this.guard = guard;
    this.letters = letters;
    this.lettersOut = lettersOut;
    this.staff = staff;
    this.audit = audit;
    this.determinations = determinations;
    this.json = json;
    this.clock = clock;
  }

  /**
   * A decision.
   *
   * @param waits whether it stands only once somebody else has signed
   * @param secondBy who signed second; null where nobody has
   * @param appealableUntil the last day to appeal against it, without a reason to be late
   * @param letterWaits whether its letter has not gone out, so that it can be taken back
   */
  public record Decided(
      String outcome,
      @Nullable String reason,
      String by,
      LocalDate on,
      boolean waits,
      @Nullable String secondBy,
      LocalDate appealableUntil,
      boolean letterWaits) {}

  /**
   * The working of a claim: what the rules say now, what was decided, and the letters.
   *
   * @param decision what was decided; null while it is to be decided, for the first time or anew
   * @param less that it would come to less than what stands; null where it would not
   * @param tooMuchIfGranted what was given beyond what it leaves due if it is granted; null where nothing was
   * @param tooMuchIfRefused the same if it is refused
   * @param since what is otherwise since it was worked out for a decision; null before the first time, and where nothing is
   */
  public record Working(
      ResultView result,
      @Nullable Decided decision,
      @Nullable GivesLess less,
      @Nullable TooMuch tooMuchIfGranted,
      @Nullable TooMuch tooMuchIfRefused,
      @Nullable SinceLast since,
      List<Letters.ListedLetter> letters) {}

  @Transactional(readOnly = true)
  public Working working(String number) {
    var claim = claims.claim(number);
    var decision = claim
        .decision()
        .filter(
            one -> !claim.state().isUndecided() || one.state() == DecisionState.WAITS_FOR_SECOND)
        .map(one -> new Decided(
            outcome(one.grants()),
            one.reason(),
            staff.nameOf(one.by()),
            one.on(),
            one.state() == DecisionState.WAITS_FOR_SECOND,
            one.secondBy() == null ? null : staff.nameOf(one.secondBy()),
            screenings.appealableUntil(one.on()),
            lettersOut.waits(LETTER, number)))
        .orElse(null);
    var packet = claims.facts(number).packet();
    var result = determine(packet);
    return new Working(
        result(packet),
        decision,
        decision == null ? notices.of(number, result).orElse(null) : null,
        decision == null ? overpaying.of(number, packet, result, true) : null,
        decision == null ? overpaying.of(number, packet, result, false) : null,
        since(number, packet),
        letters.about(List.of(number)));
  }

  private @Nullable SinceLast since(String number, Packet packet) {
    var decisions = claims.claim(number).decisions();
    if (decisions.isEmpty()) {
      return null;
    }
    var last = determinations
        .findById(decisions.get(decisions.size() - 1).determination())
        .orElseThrow();
    var before = packet(json.readTree(last.packet()));
    var change = ResultChange.of(determine(before), determine(packet));
    return change.isNone()
        ? null
        : new SinceLast(last.madeAt(), Tried.of(change), facts(before, packet));
  }

  /** The facts that are otherwise, each with what it was and what it is. */
  private List<SinceLast.FactChange> facts(Packet before, Packet after) {
    return PacketDifference.places(
            json.readTree(PacketWriter.written(before)), json.readTree(PacketWriter.written(after)))
        .stream()
        .filter(place -> SETTABLE.matcher(place).matches())
        .map(place -> new SinceLast.FactChange(
            DeskWords.WORDS.capital(
                DeskWords.WORDS.question(screenings.place(after, place).question())),
            said(before, place),
            said(after, place)))
        .toList();
  }

  private String said(Packet packet, String place) {
    var value = json.readTree(PacketWriter.written(packet)).at(ChangedFacts.place(place));
    return DeskWords.WORDS.say(SaidValue.of(packet, place, value));
  }

  private static String outcome(boolean grants) {
    return grants ? "granted" : "refused";
  }

  private Packet packet(JsonNode json) {
    var reading = screenings.read(json);
    if (reading.packet() == null) {
      throw Problem.wrong(UNREADABLE, reading.faults());
    }
    return reading.packet();
  }

  /** Facts with a value put in the place of another. */
  private Packet changed(Packet packet, String pointer, JsonNode value) {
    if (!SETTABLE.matcher(pointer).matches()) {
      throw Problem.wrong("There is no such place among the claim's facts.");
    }
    return screenings.changing(packet).put(pointer, value).packet(UNREADABLE);
  }

  private ResultView result(Packet packet) {
    return ResultView.of(determine(packet), screenings.aids(packet));
  }

  private Result determine(Packet packet) {
    return screenings.results(packet, Mode.DETERMINE).get(0);
  }

  /** Puts a value in the place of another one from now on, and works the claim out again. */
  @Transactional
  public void answer(
      Staff.Colleague by,
      String number,
      int version,
      String pointer,
      JsonNode value,
      String reason) {
    if (reason.isBlank()) {
      throw Problem.wrong("A value is set with a reason, as in \"paper form, page 2\".");
    }
    // Held before it is read, so that nothing recorded meanwhile is taken for changed.
    ledgers.hold(claims.householdOf(number));
    // As it was told: what stands in the office's books stays theirs.
    var was = claims.told(number);
    var at = ChangedFacts.place(pointer);
    var before =
        json.readTree(PacketWriter.written(claims.facts(number).packet())).at(at);
    var packet = changed(was.packet(), pointer, value);
    var used = Why.USED.with(
        new Argument.Several(List.of(screenings.place(packet, pointer))),
        SaidValue.of(packet, pointer, before),
        SaidValue.of(packet, pointer, value),
        Argument.told(reason.strip()));
    ledgers.set(
        claims.householdOf(number),
        was,
        packet,
        Source.caseworker(by.login(), reason.strip()),
        by.login());
    var settled = was.places().lasting(pointer);
    claims.use(by, number, version, wanting.of(number, settled), used);
    wanting.askAgain(by.actor(), claims.householdOf(number), List.of(number), settled, used);
  }

  /**
   * Decides a claim: once, on a determination kept whole. The letter that tells it is written when the decision stands:
   * at once, or when somebody else has signed.
   *
   * @param cause whose cause it is that more was given than is due; null where nothing was
   */
  @Transactional
  public void decide(
      Staff.Colleague by,
      String number,
      int version,
      boolean grant,
      @Nullable String reason,
      TooMuch.@Nullable Cause cause) {
    var claim = claims.view(number);
    var packet = claims.facts(number).packet();
    var result = determine(packet);
    check(result, grant, reason);
    notices.check(number, result, grant);
    var settlement = overpaying.settled(number, packet, result, grant, cause);
    var second = seconds.isWanted(result, grant, guard.isRestricted(claims.householdOf(number)));
    var determination = determinations.save(new StoredDetermination(
        claims.idOf(number),
        clock.instant(),
        by.login(),
        Grounds.of(screenings.book(packet), packet),
        Grounds.written(result),
        grant ? Grants.end(result) : null));
    claims.decide(by, number, version, grant, determination.id(), reason, second);
    overpaying.book(by, number, result.service(), settlement);
    if (!second) {
      write(by, claim, packet, result, grant, reason, settlement);
    }
    audit.record(by.login(), "claim decided", number, outcome(grant) + " " + determination.hash());
  }

  /** Signs a decision second: it stands, and the letter tells it as it was determined. */
  @Transactional
  public void sign(Staff.Colleague by, String number, int version) {
    var decision = claims
        .claim(number)
        .unsigned()
        .orElseThrow(() -> Problem.wrong("There is no decision that waits for a signature."));
    claims.signSecond(by, number, version);
    var determination = determinations.findById(decision.determination()).orElseThrow();
    var packet = packet(json.readTree(determination.packet()));
    write(
        by,
        claims.view(number),
        packet,
        determine(packet),
        decision.grants(),
        decision.reason(),
        overpaying.ofLast(number));
  }

  /** The letter of a decision that stands, and the sheet for those who carry out what it arranges. */
  private void write(
      Staff.Colleague by,
      ClaimView claim,
      Packet packet,
      Result result,
      boolean grant,
      @Nullable String reason,
      Settlement settlement) {
    letters.write(by.actor(), text(claim, packet, result, grant, reason, settlement));
    if (grant) {
      AdjustmentsSheet.of(
              claim.number(),
              letters.written(AdjustmentsSheet.LETTER, claim.number()) + 1,
              packet,
              result,
              ledgers.acting(claim.household()).values())
          .ifPresent(sheet -> letters.write(by.actor(), sheet));
    }
  }

  /** Sends a decision back to be decided again, against the second signature. */
  @Transactional
  public void sendBack(Staff.Colleague by, String number, int version, String reason) {
    if (reason.isBlank()) {
      throw Problem.wrong("Who sends a decision back says why.");
    }
    if (claims.claim(number).unsigned().isEmpty()) {
      throw Problem.wrong("There is no decision that waits for a signature.");
    }
    claims.change(
        by,
        number,
        version,
        Why.SENT_BACK.with(Argument.told(reason.strip())),
        (claim, act) -> claim.sendBack(act));
  }

  /** Takes a decision back that stands and whose letter has not gone out; the claim is open again, the letter never goes. */
  @Transactional
  void takeBack(Staff.Colleague by, String number, int version, String because) {
    if (because.isBlank()) {
      throw Problem.wrong("Who takes a decision back says why.");
    }
    claims.mine(by, number);
    if (!lettersOut.takeBack(LETTER, number)) {
      throw Problem.wrong(
          "Its letter has gone out. From there on a change is reported, or it is opened again.");
    }
    lettersOut.takeBack(AdjustmentsSheet.LETTER, number);
    claims.change(
        by,
        number,
        version,
        Why.DECISION_TAKEN_BACK.with(Argument.told(because.strip())),
        (claim, act) -> claim.sendBack(act));
    audit.record(by.login(), "decision taken back", number, "");
  }

  private static void check(Result result, boolean grant, @Nullable String reason) {
    var computed = result.outcome();
    if (computed == Finding.UNKNOWN) {
      throw Problem.wrong("It can't be decided yet: something the rules need is not known.");
    }
    if (SecondSignature.isOtherwise(result, grant) && (reason == null || reason.isBlank())) {
      throw Problem.wrong("Deciding otherwise than computed needs a reason.");
    }
  }

  /** What a claim would come to if a value stood in the place of another; nothing of it is kept. */
  @Transactional(readOnly = true)
  Tried tried(String number, String pointer, JsonNode value) {
    var packet = claims.facts(number).packet();
    return Tried.of(ResultChange.of(determine(packet), determine(changed(packet, pointer, value))));
  }

  /** A value that is put in the place of another to see what comes of it. */
  record Trying(String pointer, JsonNode value) {}

  /**
   * The letter a decision would bring, without keeping it.
   *
   * @param trying a value that is only tried; null where the facts are as they are
   * @param cause whose cause it is that more was given than is due; null where nothing was, or something is only tried
   */
  @Transactional(readOnly = true)
  byte[] preview(
      String number,
      boolean grant,
      @Nullable String reason,
      @Nullable Trying trying,
      TooMuch.@Nullable Cause cause) {
    var used = claims.facts(number).packet();
    var packet = trying == null ? used : changed(used, trying.pointer(), trying.value());
    var result = determine(packet);
    var settlement = trying == null
        ? overpaying.settled(number, packet, result, grant, cause)
        : Settlement.NOTHING;
    return letters.preview(text(claims.view(number), packet, result, grant, reason, settlement));
  }

  private LetterText text(
      ClaimView claim,
      Packet packet,
      Result result,
      boolean grant,
      @Nullable String reason,
      Settlement settlement) {
    return new DecisionLetter(
            claim.number(),
            claim.lodgedOn(),
            packet,
            result,
            ledgers.acting(claim.household()).values())
        .text(
            Math.max(1, claims.claim(claim.number()).decisions().size()),
            grant,
            reason,
            settlement,
            screenings.appealableUntil());
  }
}
