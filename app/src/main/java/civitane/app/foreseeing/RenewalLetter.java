package civitane.app.foreseeing;

import civitane.app.letters.LetterText;
import civitane.app.letters.Recipient;
import civitane.core.awards.Award;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.services.Services;
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
    var language = Language.of(packet.language());
    var words = Words.in(language);
    var household = packet.household();
    var request = packet.requests().get(0);
    return new LetterText(
        "renewal",
        claim,
        occasion,
        language,
        words.say("letter.renewal.title", "service", words.title(request.service())),
        household.applicant().fullName(),
        Recipient.lines(
            household, acting, Services.isPrivate(request, household), words, packet.asOf()),
        household.applicant().readsLargePrint(),
        List.of(
            words.say("letter.renewal.ends", "until", until),
            words.say("letter.renewal.ask", "by", askBy),
            words.say("letter.renewal.known"),
            words.say("letter.renewal.form")),
        awards.stream().map(award -> words.award(request.service(), award)).toList(),
        List.of(),
        List.of(),
        List.of(words.say("letter.renewal.how", "number", claim)),
        List.of(),
        List.of());
  }
}
