package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.messages.Messages;
import civitane.core.claims.ClaimNumber;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who gets through the door: whoever has the code that went to the applicant's own safe contact. Nothing it answers
 * tells whether there is such a claim.
 */
@Service
class DoorKeeper {
  /** In the log, whoever stands before the door. */
  private static final String AT_THE_DOOR = "at the door";

  private static final Duration CODE_HOLDS = Duration.ofMinutes(10);
  private static final int MOST_WRONG = 5;
  private static final int LONGEST_NUMBER = 20;
  private static final Duration IDLE = Duration.ofMinutes(15);
  private static final Duration LONGEST = Duration.ofHours(1);

  /** That somebody is there is written once a minute: a write waits for the disk. */
  private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

  private final DoorRows rows;
  private final Claims claims;
  private final Messages messages;
  private final Jobs jobs;
  private final AuditLog audit;
  private final Clock clock;

  DoorKeeper(
      DoorRows rows, Claims claims, Messages messages, Jobs jobs, AuditLog audit, Clock clock) {
    this.rows = rows;
    this.claims = claims;
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
    var packet = claims.facts(number).packet();
    var contact = packet.household().applicant().contact();
    if (contact == null || contact.safeForMessages().isEmpty()) {
      return;
    }
    var now = clock.instant();
    var code = Secret.code();
    rows.give(number, Secret.hash(code), now);
    messages.order(
        claims.householdOf(number),
        contact.safeForMessages().get(0),
        Words.in(Language.of(packet.language())).say("door.code", "code", code),
        now.plus(CODE_HOLDS));
    audit.record(AT_THE_DOOR, "code sent", number, "");
  }

  /** Lets somebody in who has the code of a claim; answers what their browser is to show from then on. */
  @Transactional
  public Optional<String> enter(String typed, String code) {
    var number = number(typed).orElse("");
    var given = rows.holdCode(number).filter(this::holds).orElse(null);
    if (given == null) {
      return Optional.empty();
    }
    if (!Secret.is(code.strip(), given.hash())) {
      rows.wrong(number);
      audit.record(AT_THE_DOOR, "wrong code", number, "");
      return Optional.empty();
    }
    var now = clock.instant();
    rows.forgetCode(number);
    rows.endBefore(now.minus(LONGEST));
    var token = Secret.token();
    rows.begin(Secret.hash(token), number, now);
    audit.record(AT_THE_DOOR, "came through the door", number, "");
    return Optional.of(token);
  }

  private boolean holds(DoorRows.GivenCode code) {
    return code.wrong() < MOST_WRONG && isWithin(code.madeAt(), CODE_HOLDS);
  }

  private boolean isWithin(Instant since, Duration time) {
    return since.plus(time).isAfter(clock.instant());
  }

  /** Who shows a token; nobody where their visit is over. */
  @Transactional
  public Optional<Visitor> visitor(String token) {
    var hash = Secret.hash(token);
    var visit = rows.visit(hash)
        .filter(one -> isWithin(one.touchedAt(), IDLE) && isWithin(one.beganAt(), LONGEST));
    visit
        .filter(one -> !isWithin(one.touchedAt(), NOTED_EVERY))
        .ifPresent(one -> rows.touch(hash, clock.instant()));
    return visit.map(one -> new Visitor(one.household(), one.number()));
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
