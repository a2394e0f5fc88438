package civitane.app.decisions;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.awards.Award;
import civitane.core.awards.What;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.rules.Result;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * The sheet for those who carry adjustments out: what is arranged for whom, and nothing of why. The household hands it
 * on, so that it goes where they want it to; it is written in the language of those who read it, which is the district's.
 */
final class AdjustmentsSheet {
  static final String LETTER = "adjustments";

  private static final Words WORDS = Words.in(Language.EN);

  private AdjustmentsSheet() {}

  /**
   * The sheet that goes with a decision; empty where no adjustments are granted.
   *
   * @param number the claim's number
   * @param occasion which sheet about the claim it is, from 1
   * @param acting who acts for the household
   */
  static Optional<LetterText> of(
      String number, int occasion, Packet packet, Result result, Collection<Acting> acting) {
    return result.awards().stream()
        .filter(award -> award.what() == What.ADJUSTMENTS && award.forWhom() != null)
        .findFirst()
        .map(award -> text(number, occasion, packet, award, acting));
  }

  private static LetterText text(
      String number, int occasion, Packet packet, Award award, Collection<Acting> acting) {
    var student = WORDS.who(known(award.forWhom()));
    var from = award.from() == null ? packet.asOf() : award.from();
    return new HouseholdLetter(
            LETTER, number, occasion, packet, acting, WORDS, say("title", "name", student))
        .says(List.of(say("intro", "name", student), since(from, award.until())))
        .grants(award.details().stream()
            .map(detail -> WORDS.capital(WORDS.say(detail)))
            .toList())
        .ends(List.of(say("notWhy", "name", student), say("ask", "number", number)))
        .text();
  }

  private static String since(LocalDate from, @Nullable LocalDate until) {
    return until == null
        ? say("from", "from", from)
        : say("fromUntil", "from", from, "until", until);
  }

  private static String say(String key, Object... namesAndValues) {
    return WORDS.say("letter.adjustments." + key, namesAndValues);
  }
}
