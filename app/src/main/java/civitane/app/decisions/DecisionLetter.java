package civitane.app.decisions;

import civitane.app.claims.ClaimView;
import civitane.app.letters.LetterText;
import civitane.app.letters.LetterWords;
import civitane.app.letters.Recipient;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Wording;
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The letter that tells a decision with every reason and its numbers. */
final class DecisionLetter {
  /** Decisions are written in the language of the office. */
  private static final String LANGUAGE = "en";

  /** Tests that say nothing to the household. */
  private static final Set<String> INWARD = Set.of("PAPERS");

  private DecisionLetter() {}

  static LetterText text(
      ClaimView claim, Packet packet, Result result, boolean grant, @Nullable String reason) {
    return new LetterText(
        "decision",
        claim.number(),
        LANGUAGE,
        claim.title() + ": " + (grant ? "granted" : "refused"),
        packet.household().applicant().fullName(),
        Recipient.lines(packet.household(), LetterWords.in(LANGUAGE)),
        paragraphs(claim, grant, reason),
        reasons(result, grant),
        grant ? figures(packet, result) : List.of(),
        List.of(
            "If you disagree you may appeal within 35 days after this letter reaches you. \"I disagree\" is enough."
                + " Somebody who had no hand in this decision will look at it again.",
            "If anything of what is written here is not right, or changes, tell us: 0555 010 000."),
        List.of());
  }

  private static List<String> paragraphs(ClaimView claim, boolean grant, @Nullable String reason) {
    var paragraphs = new ArrayList<String>();
    paragraphs.add("You applied on " + Dates.written(claim.lodgedOn()) + ". "
        + (grant ? "We grant what you asked for." : "We can't grant what you asked for."));
    if (reason != null && !reason.isBlank()) {
      paragraphs.add(reason.strip());
    }
    return paragraphs;
  }

  private static List<String> reasons(Result result, boolean grant) {
    return result.tests().stream()
        .filter(test -> !INWARD.contains(test.id()))
        .filter(test -> grant ? test.is(Outcome.MET) : test.is(Outcome.NOT_MET))
        .map(civitane.core.rules.Test::because)
        .toList();
  }

  private static List<LetterText.Figure> figures(Packet packet, Result result) {
    var figures = new ArrayList<LetterText.Figure>();
    result.amounts().forEach((name, value) -> add(figures, packet, Wording.spoken(name), value));
    return figures;
  }

  private static void add(
      List<LetterText.Figure> figures, Packet packet, String label, Object value) {
    if (value instanceof Map<?, ?> map) {
      map.forEach((key, part) -> add(
          figures,
          packet,
          packet
              .household()
              .person(String.valueOf(key))
              .map(Person::calledBy)
              .orElse(String.valueOf(key)),
          part));
    } else if (!(value instanceof Boolean)) {
      figures.add(new LetterText.Figure(label, inWords(value)));
    }
  }

  private static String inWords(Object value) {
    if (value instanceof Amount amount) {
      return amount.toString();
    } else if (value instanceof LocalDate date) {
      return Dates.written(date);
    } else if (value instanceof Word word) {
      return Wording.spoken(word.word());
    } else if (value instanceof List<?> list) {
      return Wording.list(list.stream().map(DecisionLetter::inWords).toList());
    }
    return Wording.spoken(String.valueOf(value));
  }
}
