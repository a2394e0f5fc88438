package civitane.app.decisions;

import civitane.app.letters.HouseholdLetter;
import civitane.app.letters.LetterText;
import civitane.core.awards.Award;
import civitane.core.awards.Overpaid;
import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.reasons.Argument;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** The letter that tells a household that it would get less, before that is decided; in its language. */
final class NoticeLetter {
  private final String number;
  private final Packet packet;
  private final Result result;
  private final Collection<Acting> acting;
  private final Words words;

  /** @param acting who acts for the household */
  NoticeLetter(String number, Packet packet, Result result, Collection<Acting> acting) {
    this.number = number;
    this.packet = packet;
    this.result = result;
    this.acting = acting;
    this.words = Words.in(Language.of(packet.language()));
  }

  /**
   * What it says.
   *
   * @param occasion which notice on the claim it is, from 1
   * @param decidedOn when what stands was decided
   * @param over for which days more was given than is due by what is known now; empty where it would not be asked back
   * @param until the last day to say what is wrong
   */
  LetterText text(
      int occasion,
      LocalDate decidedOn,
      List<Award> before,
      List<Award> after,
      List<Overpaid.Stretch> over,
      LocalDate until) {
    return new HouseholdLetter(
            Notices.LETTER,
            number,
            occasion,
            packet,
            acting,
            words,
            say("title", "service", words.title(result.service())))
        .says(List.of(
            say("intro", "date", decidedOn, "before", said(before), "after", said(after)),
            say("why")))
        .because(reasons(!after.isEmpty()))
        .ends(closing(over, until))
        .text();
  }

  private List<String> closing(List<Overpaid.Stretch> over, LocalDate until) {
    var closing = new ArrayList<String>();
    if (!over.isEmpty()) {
      closing.add(say(
          "over",
          "much",
          Argument.once(Overpaid.in(over)),
          "from",
          over.get(0).from(),
          "until",
          over.get(over.size() - 1).until()));
    }
    closing.add(say("say", "until", until, "number", number));
    closing.add(say("after"));
    return closing;
  }

  private String said(List<Award> awards) {
    return awards.isEmpty()
        ? say("nothing")
        : words.list(awards.stream()
            .map(award -> words.award(result.service(), award.from(null)))
            .toList());
  }

  /** What it stands on: the sums where something is left, else what is not met any more. */
  private List<String> reasons(boolean grant) {
    return result.checks().stream()
        .filter(check -> !DecisionLetter.INWARD.contains(check.id()))
        .filter(check -> check.is(grant ? Outcome.MET : Outcome.NOT_MET))
        .map(check -> words.say(check.reasons(), Voice.LETTER))
        .distinct()
        .toList();
  }

  private String say(String key, Object... namesAndValues) {
    return words.say("letter.notice." + key, namesAndValues);
  }
}
