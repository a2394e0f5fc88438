package civitane.app.appointments;

import civitane.app.letters.LetterText;
import civitane.app.letters.Recipient;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** The letter that tells a household when and where it is heard, or that it is not; in its language. */
final class HearingLetter {
  static final String KIND = "hearing";

  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm");

  private HearingLetter() {}

  /**
   * What it says.
   *
   * @param occasion which letter of hearings about the claim it is, from 1
   * @param acting who acts for the household
   * @param with who hears them, by name
   * @param isOff whether it is called off
   */
  static LetterText text(
      int occasion,
      Packet packet,
      Collection<Acting> acting,
      Appointment hearing,
      String with,
      boolean isOff) {
    var language = Language.of(packet.language());
    var words = Words.in(language);
    var household = packet.household();
    var request = packet.requests().get(0);
    return new LetterText(
        KIND,
        hearing.claim(),
        occasion,
        language,
        words.say(
            isOff ? "letter.hearing.titleOff" : "letter.hearing.title",
            "service",
            words.title(request.service())),
        household.applicant().fullName(),
        Recipient.lines(
            household, acting, Services.isPrivate(request, household), words, packet.asOf()),
        household.applicant().readsLargePrint(),
        isOff ? List.of(off(words, hearing)) : paragraphs(words, hearing, with),
        List.of(),
        List.of(),
        List.of(),
        List.of(words.say(
            isOff ? "letter.hearing.again" : "letter.hearing.cannot", "number", hearing.claim())),
        List.of(),
        List.of());
  }

  private static List<String> paragraphs(Words words, Appointment hearing, String with) {
    var says = new ArrayList<String>();
    says.add(
        words.say("letter.hearing.when", "on", hearing.on(), "at", hearing.at().format(TIME)));
    says.add(words.say("letter.hearing.where." + hearing.place().word(), "name", with));
    says.add(words.say(
        hearing.interpreter() == null
            ? "letter.hearing.interpreter"
            : "letter.hearing.interprets"));
    says.add(words.say("letter.hearing.bring"));
    says.add(words.say("letter.hearing.without"));
    return says;
  }

  private static String off(Words words, Appointment hearing) {
    return words.say(
        "letter.hearing.off", "on", hearing.on(), "at", hearing.at().format(TIME));
  }
}
