package civitane.app.decisions;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.claims.Wanted;
import civitane.app.letters.LetterText;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.screening.FactName;
import civitane.app.screening.ResultView;
import civitane.app.screening.Screenings;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.facts.Packet;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Determining and deciding claims. */
@Service
public class Decisions {
  private final Claims claims;
  private final Screenings screenings;
  private final Letters letters;
  private final Staff staff;
  private final AuditLog audit;
  private final DeterminationRepository determinations;
  private final DecisionRepository decisions;
  private final JsonMapper json;
  private final Clock clock;

  Decisions(
      Claims claims,
      Screenings screenings,
      Letters letters,
      Staff staff,
      AuditLog audit,
      DeterminationRepository determinations,
      DecisionRepository decisions,
      JsonMapper json,
      Clock clock) {
    this.claims = claims;
    this.screenings = screenings;
    this.letters = letters;
    this.staff = staff;
    this.audit = audit;
    this.determinations = determinations;
    this.decisions = decisions;
    this.json = json;
    this.clock = clock;
  }

  /** A decision as it stands. */
  public record Decided(String outcome, @Nullable String reason, String by, Instant at) {}

  /** The working of a claim: what the rules say now, what was decided, and the letters. */
  public record Working(
      ResultView result, @Nullable Decided decision, List<Letters.ListedLetter> letters) {}

  @Transactional(readOnly = true)
  public Working working(String number) {
    var decision = decisions
        .findByClaimId(claims.idOf(number))
        .map(record -> new Decided(
            record.outcome(),
            record.reason(),
            staff.named(record.decidedBy()).name(),
            record.decidedAt()))
        .orElse(null);
    return new Working(result(claims.view(number)), decision, letters.about(List.of(number)));
  }

  private Packet packet(JsonNode json) {
    var reading = screenings.read(json);
    if (reading.packet() == null) {
      throw Problem.wrong("The claim's facts can't be read.", reading.faults());
    }
    return reading.packet();
  }

  private ResultView result(ClaimView claim) {
    return ResultView.of(determine(claim), screenings.aids(packet(claim.packet())));
  }

  private Result determine(ClaimView claim) {
    return screenings.results(packet(claim.packet()), Mode.DETERMINE).get(0);
  }

  /** Puts a value in the place of another one from now on, and works the claim out again. */
  @Transactional
  public void answer(String number, String pointer, JsonNode value, String reason) {
    if (reason.isBlank()) {
      throw Problem.wrong("A value is set with a reason, as in \"paper form, page 2\".");
    }
    var claim = claims.view(number);
    var facts = (ObjectNode) claim.packet().deepCopy();
    var before = facts.at(JsonPointer.compile(pointer));
    put(facts, JsonPointer.compile(pointer), value);
    var result = screenings.results(packet(facts), Mode.DETERMINE).get(0);
    var words = "%s: %s → %s, %s"
        .formatted(
            FactName.of(pointer, packet(facts)),
            before.isMissingNode() ? "nothing" : before,
            value,
            reason);
    claims.use(number, json.writeValueAsString(facts), Wanted.of(result), words);
  }

  private static void put(ObjectNode facts, JsonPointer at, JsonNode value) {
    var parent = facts.at(at.head());
    if (parent instanceof ObjectNode object) {
      object.set(at.last().getMatchingProperty(), value);
    } else if (parent instanceof ArrayNode array && array.has(at.last().getMatchingIndex())) {
      array.set(at.last().getMatchingIndex(), value);
    } else {
      throw Problem.wrong("There is no such place among the claim's facts.");
    }
  }

  /** Decides a claim: once, on a determination kept whole, with the letter that tells it. */
  @Transactional
  public void decide(String number, int version, boolean grant, @Nullable String reason) {
    var claim = claims.view(number);
    var result = determine(claim);
    var me = staff.me();
    check(result, grant, reason, me);
    var facts = json.writeValueAsString(claim.packet());
    var text = new ResultWriter(false, Language.EN).results(List.of(result));
    var determination = determinations.save(new StoredDetermination(
        claims.idOf(number),
        clock.instant(),
        me.login(),
        facts,
        text,
        AuditLog.sha256(facts + "\n" + text)));
    var outcome = grant ? "granted" : "refused";
    decisions.save(new StoredDecision(
        claims.idOf(number), determination.id(), outcome, reason, me.login(), clock.instant()));
    claims.decide(
        number,
        version,
        grant ? "Granted, and the letter written" : "Refused, and the letter written");
    letters.write(text(claim, result, grant, reason));
    audit.record("claim decided", number, outcome + " " + determination.hash());
  }

  private static void check(
      Result result, boolean grant, @Nullable String reason, Staff.Colleague me) {
    var computed = result.outcome();
    if (computed == Finding.UNKNOWN) {
      throw Problem.wrong("It can't be decided yet: something the rules need is not known.");
    }
    if (grant != (computed == Finding.ENTITLED)) {
      if (reason == null || reason.isBlank()) {
        throw Problem.wrong("Deciding otherwise than computed needs a reason.");
      }
      if (me.role() != Role.SENIOR) {
        throw Problem.notAllowed("Deciding otherwise than computed needs a senior.");
      }
    }
  }

  /** The letter a decision would bring, without keeping it. */
  @Transactional(readOnly = true)
  public byte[] preview(String number, boolean grant, @Nullable String reason) {
    var claim = claims.view(number);
    return letters.preview(text(claim, determine(claim), grant, reason));
  }

  private LetterText text(ClaimView claim, Result result, boolean grant, @Nullable String reason) {
    return new DecisionLetter(claim, packet(claim.packet()), result)
        .text(grant, reason, screenings.appealableUntil());
  }
}
