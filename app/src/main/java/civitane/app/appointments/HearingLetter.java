package civitane.app.appointments;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
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
    var words = Words.in(Language.of(packet.language()));
    return new HouseholdLetter(
            KIND,
            hearing.claim(),
            occasion,
            packet,
            acting,
            words,
            words.say(
                isOff ? "letter.hearing.titleOff" : "letter.hearing.title",
                "service",
                words.title(packet.requests().get(0).service())))
        .says(isOff ? List.of(off(words, hearing)) : paragraphs(words, hearing, with))
        .ends(List.of(words.say(
            isOff ? "letter.hearing.again" : "letter.hearing.cannot", "number", hearing.claim())))
        .text();
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
