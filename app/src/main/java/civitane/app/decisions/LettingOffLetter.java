package civitane.app.decisions;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.words.Language;
import civitane.words.Words;
import java.util.Collection;
import java.util.List;

/** The letter that tells a household that a debt, or a part of it, is not asked back; in its language. */
final class LettingOffLetter {
  static final String LETTER = "letOff";

  private final String number;
  private final Packet packet;
  private final Collection<Acting> acting;
  private final Language language;
  private final Words words;

  /**
   * The letter about a debt that comes from a claim.
   *
   * @param number the claim's number
   * @param acting who acts for the household
   */
  LettingOffLetter(String number, Packet packet, Collection<Acting> acting) {
    this.number = number;
    this.packet = packet;
    this.acting = acting;
    this.language = Language.of(packet.language());
    this.words = Words.in(language);
  }

  /**
   * What it says.
   *
   * @param occasion which letter of its kind on the claim it is, from 1
   * @param ref the number of the debt
   * @param before what was owed until now
   * @param off what is not asked back any more; at most that
   * @param because why, as it was written
   */
  LetterText text(int occasion, String ref, Amount before, Amount off, String because) {
    var request = packet.requests().get(0);
    var left = before.minus(off);
    var why = say("why", "because", because);
    return new HouseholdLetter(
            LETTER,
            number,
            occasion,
            packet,
            acting,
            words,
            say(left.isZero() ? "title.all" : "title.part"))
        .says(List.of(
            say(
                "intro",
                "much",
                Argument.once(before),
                "ref",
                ref,
                "service",
                words.title(request.service())),
            say("off", "off", Argument.once(off)),
            language == Language.EN ? why : why + " " + words.say("letter.asWritten")))
        .ends(List.of(
            left.isZero() ? say("nothing") : say("left", "left", Argument.once(left)),
            say("nothingElse", "number", number)))
        .text();
  }

  private String say(String key, Object... namesAndValues) {
    return words.say("letter.letOff." + key, namesAndValues);
  }
}
