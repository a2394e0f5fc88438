package civitane.app.post;

import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.claims.Reaching;
import civitane.app.drafts.Applications;
import civitane.app.letters.LetterWay;
import civitane.app.letters.LettersOut;
import civitane.app.messages.LetterUntold;
import civitane.app.messages.Messages;
import civitane.app.remembering.Remembering;
import civitane.core.claims.Actor;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Households are told by a message that a letter is there, and nothing of what it says. Whoever has not got a letter
 * that goes nowhere else is asked for by another way.
 */
@Service
public class LetterNews {
  /** How long a letter may lie at the door unread. Days. */
  private static final int LIES_AT_DOOR = 7;

  private static final int MOST = 500;

  private final LettersOut letters;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Reaching reaching;
  private final Messages messages;
  private final Remembering remembering;
  private final Clock clock;
  private final String at;

  /** @param at where the door is, as it is written to households */
  LetterNews(
      LettersOut letters,
      Claims claims,
      ClaimLists claimLists,
      Reaching reaching,
      Messages messages,
      Remembering remembering,
      Clock clock,
      @Value("${civitane.door-at:http://127.0.0.1:8480/door}") String at) {
    this.letters = letters;
    this.claims = claims;
    this.claimLists = claimLists;
    this.reaching = reaching;
    this.messages = messages;
    this.remembering = remembering;
    this.clock = clock;
    this.at = at;
  }

  /** Tells of a letter that went out where that is safe; what went out with it about the same claim is told at once. */
  @Transactional
  public void tell(UUID id) {
    var letter = letters.find(id);
    var number = Applications.claimOf(letter.about());
    var household = claimLists.householdsOf(Set.of(number)).get(number);
    if (household == null) {
      return;
    }
    claims.waitFor(number);
    if (claims.isOfWhoDied(number)
        || !letters.tell(List.of(number, Applications.receiptOf(number)))) {
      return;
    }
    var ways = reaching.of(number);
    if (ways.isEmpty()) {
      missed(letter, Why.LETTER_UNREAD.with(Argument.day(letter.writtenOn())));
      return;
    }
    messages.orderOf(
        id,
        household,
        ways.get(0),
        Words.in(Language.of(claims.facts(number).packet().language()))
            .say("door.news", "number", number, "at", at));
  }

  /** The message reached nobody: where they can be reached is in doubt. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  void on(LetterUntold untold) {
    var letter = letters.find(untold.letter());
    var bounced = Why.MESSAGE_BOUNCED.with(Argument.told(untold.to()));
    if (letter.way() == LetterWay.DOOR) {
      missed(letter, bounced);
    } else {
      claims.hear(
          new Actor.OfficeClock(), Applications.claimOf(letter.about()), Want.UNREACHED, bounced);
    }
  }

  /** What nobody has got for too long. */
  @Transactional(readOnly = true)
  public List<UUID> lying() {
    var today = LocalDate.now(clock);
    return letters.lying(today.minusDays(LIES_AT_DOOR), today, MOST).stream()
        .map(LettersOut.Addressed::id)
        .toList();
  }

  /** Whoever a letter is for has not got it, and is asked for. */
  @Transactional
  public void ask(UUID id) {
    var letter = letters.find(id);
    var code = letter.way() == LetterWay.DOOR ? Why.LETTER_UNREAD : Why.LETTER_TO_HAND_OVER;
    missed(letter, code.with(Argument.day(letter.writtenOn())));
  }

  /** It becomes a next step of the claim; where that is over, whoever had it is reminded. */
  private void missed(LettersOut.Addressed letter, Reason because) {
    var number = Applications.claimOf(letter.about());
    if (letter.way() == LetterWay.POST
        || !claimLists.householdsOf(Set.of(number)).containsKey(number)) {
      return;
    }
    claims.waitFor(number);
    if (!letters.miss(letter.id())) {
      return;
    }
    if (!claims.hear(new Actor.OfficeClock(), number, Want.UNREACHED, because)) {
      var words = DeskWords.WORDS.say(because, Voice.DESK);
      claims.whoAnswers(number).forEach(login -> remembering.bringUp(login, number, words));
    }
  }
}
