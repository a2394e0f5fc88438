package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.Reaching;
import civitane.app.jobs.Jobs;
import civitane.app.messages.Messages;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.ClaimNumber;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who gets through the door: whoever has the code that went to the applicant's own safe contact. Nothing it answers
 * tells whether there is such a claim.
 */
@Service
class DoorKeeper {
  /** In the log, whoever stands before the door. */
  static final String AT_THE_DOOR = "at the door";

  private static final int LONGEST_NUMBER = 20;
  private static final Duration IDLE = Duration.ofMinutes(15);
  private static final Duration LONGEST = Duration.ofHours(1);

  /** That somebody is there is written once a minute: a write waits for the disk. */
  private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

  private final DoorRows rows;
  private final DoorCodes codes;
  private final Claims claims;
  private final Reaching reaching;
  private final Messages messages;
  private final Jobs jobs;
  private final AuditLog audit;
  private final Clock clock;

  DoorKeeper(
      DoorRows rows,
      DoorCodes codes,
      Claims claims,
      Reaching reaching,
      Messages messages,
      Jobs jobs,
      AuditLog audit,
      Clock clock) {
    this.rows = rows;
    this.codes = codes;
    this.claims = claims;
    this.reaching = reaching;
    this.messages = messages;
    this.jobs = jobs;
    this.audit = audit;
    this.clock = clock;
  }

  /** Has a code sent for a number, whatever it is; nobody waits for what comes of that. */
  @Transactional
  public void ask(String typed) {
    var number = typed.strip().toUpperCase(Locale.ROOT);
    if (number.length() <= LONGEST_NUMBER) {
      jobs.soon(CodeSending.KIND, number);
    }
  }

  /** Sends a code to where it is safe; nothing where there is no such claim, or no safe way. */
  @Transactional
  public void send(String typed) {
    var number = number(typed).filter(claims::isThere).orElse(null);
    if (number == null) {
      return;
    }
    var ways = reaching.of(number);
    if (ways.isEmpty()) {
      return;
    }
    var says = Words.in(Language.of(claims.facts(number).packet().language()))
        .say("door.code", "code", codes.give(number));
    ways.forEach(way -> messages.order(
        claims.householdOf(number), way, says, clock.instant().plus(DoorCodes.HOLDS)));
    audit.record(AT_THE_DOOR, "code sent", number, "");
  }

  /**
   * Gives a code into the hand of who stands at the counter, where no safe way to send one is known, or the door is locked:
   * by somebody who saw who they are, and says how.
   */
  @Transactional
  public String give(Staff.Colleague by, String number, String seen) {
    if (seen.isBlank()) {
      throw Problem.wrong(
          "It is said how it was seen who they are, as in “passport, at the counter”.");
    }
    if (claims.isOfWhoDied(number)) {
      throw Problem.wrong("Whoever applied has died: nobody is let in with their number.");
    }
    claims.note(
        by,
        number,
        Why.DOOR_CODE_GIVEN.with(Argument.told(by.name()), Argument.told(seen.strip())));
    audit.record(by.login(), "door code given", number, "");
    return codes.give(number);
  }

  /** Lets somebody in who has the code of a claim; answers what their browser is to show from then on. */
  @Transactional
  public Optional<String> enter(String typed, String code) {
    var number = number(typed).orElse("");
    var tried = codes.attempt(number, code);
    if (tried == DoorCodes.Tried.WRONG) {
      audit.record(AT_THE_DOOR, "wrong code", number, "");
    }
    if (tried != DoorCodes.Tried.OPENS) {
      return Optional.empty();
    }
    var now = clock.instant();
    rows.endBefore(now.minus(LONGEST));
    var token = Secret.token();
    rows.begin(Secret.hash(token), number, now);
    audit.record(AT_THE_DOOR, "came through the door", number, "");
    return Optional.of(token);
  }

  /** Lets somebody go on with an application whose contact they have shown to be theirs. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String letApply(UUID application) {
    var token = Secret.token();
    rows.beginToApply(Secret.hash(token), application, clock.instant());
    return token;
  }

  /** Lets somebody sign who has shown that they are the one who was asked. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String letSign(UUID request) {
    var token = Secret.token();
    rows.beginToSign(Secret.hash(token), request, clock.instant());
    return token;
  }

  /** What they applied for is lodged: from now on the visit is to the claim. */
  @Transactional
  public void goesOnWith(String token, String number) {
    rows.goesOnWith(Secret.hash(token), number);
  }

  /** Whoever looks where their claims stand takes an application from now on. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void asks(String token, UUID application) {
    rows.asks(Secret.hash(token), application);
  }

  /** Whoever came to an application from where their claims stand is back there; nothing where they did not. */
  @Transactional
  public void goesBack(String token) {
    rows.goesBack(Secret.hash(token));
  }

  private boolean isWithin(Instant since, Duration time) {
    return since.plus(time).isAfter(clock.instant());
  }

  /** Who shows a token; nobody where their visit is over. */
  @Transactional
  public Optional<Guest> guest(String token) {
    var hash = Secret.hash(token);
    var visit = rows.visit(hash)
        .filter(one -> isWithin(one.touchedAt(), IDLE) && isWithin(one.beganAt(), LONGEST));
    visit
        .filter(one -> !isWithin(one.touchedAt(), NOTED_EVERY))
        .ifPresent(one -> rows.touch(hash, clock.instant()));
    return visit.map(DoorRows.Visit::guest);
  }

  @Transactional
  public void leave(String token) {
    rows.end(Secret.hash(token));
  }

  /** A number as it is written, however it was typed. */
  private static Optional<String> number(String typed) {
    return ClaimNumber.parse(typed).map(ClaimNumber::toString);
  }
}
