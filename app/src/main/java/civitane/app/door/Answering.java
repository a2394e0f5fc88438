package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.Reaching;
import civitane.app.messages.Messages;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Phrase;
import civitane.core.claims.Why;
import civitane.core.facts.Vocabulary;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.words.Language;
import civitane.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes to households, who read it behind their door. */
@Service
class Answering {
  private static final int LONGEST = 2_000;

  private final Claims claims;
  private final Reaching reaching;
  private final Messages messages;
  private final AuditLog audit;
  private final String at;

  /** @param at where the door is, as it is written to households */
  Answering(
      Claims claims,
      Reaching reaching,
      Messages messages,
      AuditLog audit,
      @Value("${civitane.door-at:http://127.0.0.1:8480/door}") String at) {
    this.claims = claims;
    this.reaching = reaching;
    this.messages = messages;
    this.audit = audit;
    this.at = at;
  }

  /**
   * Writes to the household of a claim, in a sentence that is read in its language, or freely; it is told where it is
   * safe that there is news, and nothing of what it says.
   */
  @Transactional
  void write(Staff.Colleague by, String number, @Nullable String phrase, @Nullable String text) {
    claims.mine(by, number);
    var written = written(phrase, text);
    claims.moveItem(by.actor(), number, written, (claim, act) -> claim.writeTo(act));
    reaching.of(number).stream()
        .findFirst()
        .ifPresent(way -> messages.order(
            claims.householdOf(number),
            way,
            Words.in(Language.of(claims.facts(number).packet().language()))
                .say("door.news", "number", number, "at", at),
            null));
    audit.record(by.login(), "household written to", number, "");
  }

  private static Reason written(@Nullable String phrase, @Nullable String text) {
    if (phrase != null && !phrase.isEmpty()) {
      if (Vocabulary.of(Phrase.class).byWord().get(phrase) instanceof Phrase known) {
        return Why.WRITTEN_TO.with(Argument.term(known));
      }
      throw Problem.wrong("There is no such sentence.");
    }
    if (text == null || text.isBlank() || text.length() > LONGEST) {
      throw Problem.wrong(
          "Choose a sentence, or write something of up to " + LONGEST + " letters.");
    }
    return Why.WRITTEN_TO_FREELY.with(Argument.told(text.strip()));
  }
}
