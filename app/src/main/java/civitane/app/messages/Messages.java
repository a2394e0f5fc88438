package civitane.app.messages;

import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.core.claims.Actor;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.facts.Way;
import civitane.core.reasons.Argument;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Texts and mails to households. One that reaches nobody becomes a next step of their claims. */
@Service
public class Messages {
  private static final Duration LETTER_IS_NEWS = Duration.ofDays(3);

  private final MessageRows rows;
  private final Gateway gateway;
  private final Claims claims;
  private final Jobs jobs;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate inTransaction;
  private final Clock clock;

  Messages(
      MessageRows rows,
      Gateway gateway,
      Claims claims,
      Jobs jobs,
      ApplicationEventPublisher events,
      TransactionTemplate inTransaction,
      Clock clock) {
    this.rows = rows;
    this.gateway = gateway;
    this.claims = claims;
    this.jobs = jobs;
    this.events = events;
    this.inTransaction = inTransaction;
    this.clock = clock;
  }

  /**
   * Orders a message with what it tells of; it is sent once that is kept.
   *
   * @param household whom it is about; null while the office does not know them
   * @param way one that is safe
   * @param notAfter from when on it is of no use; null where it always is
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void order(@Nullable UUID household, Way way, String text, @Nullable Instant notAfter) {
    order(household, way, text, null, notAfter);
  }

  /**
   * Orders a message that tells of a letter. Where it reaches nobody, or nothing brings messages for days, a
   * {@link LetterUntold} is published.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void orderOf(UUID letter, UUID household, Way way, String text) {
    order(household, way, text, letter, clock.instant().plus(LETTER_IS_NEWS));
  }

  private void order(
      @Nullable UUID household,
      Way way,
      String text,
      @Nullable UUID letter,
      @Nullable Instant notAfter) {
    var id = UUID.randomUUID();
    var to = String.valueOf(way.at());
    rows.add(
        new Message(id, household, Channel.of(way), to, text, letter, notAfter), clock.instant());
    jobs.soon(Sending.KIND, id.toString());
  }

  /** Sends a message that waits; nothing is held in the database meanwhile. */
  public void send(UUID id) throws IOException {
    var waiting = rows.waiting(id);
    if (waiting.isEmpty()) {
      return;
    }
    var message = waiting.get();
    var late = message.notAfter() != null && message.notAfter().isBefore(clock.instant());
    var state = late
        ? MessageState.TOO_LATE
        : gateway.bring(message) ? MessageState.DELIVERED : MessageState.BOUNCED;
    inTransaction.executeWithoutResult(status -> settle(message, state));
  }

  private void settle(Message message, MessageState state) {
    var household = message.household();
    if (!rows.settle(message.id(), state, clock.instant()) || state == MessageState.DELIVERED) {
      return;
    }
    if (message.letter() != null) {
      events.publishEvent(new LetterUntold(message.letter(), message.to()));
    } else if (household != null && state == MessageState.BOUNCED) {
      var bounced = Why.MESSAGE_BOUNCED.with(Argument.told(message.to()));
      claims
          .undecidedOf(household)
          .forEach(number -> claims.hear(new Actor.OfficeClock(), number, Want.UNREACHED, bounced));
    }
  }
}
