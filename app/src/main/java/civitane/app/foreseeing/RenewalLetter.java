package civitane.app.foreseeing;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.awards.Award;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;

/** The letter that tells a household that something ends, and how it goes on getting it; in its language. */
final class RenewalLetter {
  private RenewalLetter() {}

  /**
   * What it says.
   *
   * @param awards what ends
   * @param until their last day
   * @param askBy the day by which it is to be asked for again, so that nothing is missed between
   */
  static LetterText text(
      String claim,
      int occasion,
      Packet packet,
      Collection<Acting> acting,
      List<Award> awards,
      LocalDate until,
      LocalDate askBy) {
    var words = Words.in(Language.of(packet.language()));
    var request = packet.requests().get(0);
    return new HouseholdLetter(
            "renewal",
            claim,
            occasion,
            packet,
            acting,
            words,
            words.say("letter.renewal.title", "service", words.title(request.service())))
        .says(List.of(
            words.say("letter.renewal.ends", "until", until),
            words.say("letter.renewal.ask", "by", askBy),
            words.say("letter.renewal.known"),
            words.say("letter.renewal.form")))
        .grants(
            awards.stream().map(award -> words.award(request.service(), award)).toList())
        .ends(List.of(words.say("letter.renewal.how", "number", claim)))
        .text();
  }
}
