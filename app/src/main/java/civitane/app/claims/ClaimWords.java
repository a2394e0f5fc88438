package civitane.app.claims;

import civitane.app.catalogue.DeskWords;
import civitane.core.claims.Item;
import civitane.core.claims.NextStep;
import civitane.core.claims.OutsideDate;
import civitane.core.claims.Step;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.rules.Hold;
import civitane.core.rules.Route;
import civitane.words.Voice;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is said of a claim at the desk. */
final class ClaimWords {
  private static final Set<String> PUT_RIGHT =
      Set.of(Why.PUT_RIGHT.code(), Why.PUT_RIGHT_BY_WORD.code());

  private ClaimWords() {}

  /** The round of all claims with which the same is done next. */
  static String of(Step step) {
    return DeskWords.WORDS.say("claims.round." + step.word());
  }

  static String of(NextStep step) {
    var key = "claims.step." + step.step().word();
    var item = step.item();
    if (step.step() == Step.AWAIT && item != null) {
      return whom(item.want().subject())
          .map(
              whom -> DeskWords.WORDS.say(key, "whom", DeskWords.WORDS.say("claims.third." + whom)))
          .orElseGet(() -> DeskWords.WORDS.say("claims.step.awaitAnother"));
    }
    if (item != null && item.want().isOfTheClaim()) {
      var subject = item.want().subject();
      var colon = subject.indexOf(':');
      return DeskWords.WORDS.say(
          "claims.step." + (colon < 0 ? subject : subject.substring(0, colon)));
    }
    return item != null && item.want().subject().equals(Route.URGENT_LINE.word())
        ? of(item)
        : DeskWords.WORDS.say(key);
  }

  /** That an answer which is due on a day comes after the day it should come before. */
  static String tooLate(OutsideDate outside, LocalDate due) {
    return DeskWords.WORDS.say(
        Why.COMES_TOO_LATE.with(
            Argument.term(outside.what()), Argument.day(outside.on()), Argument.day(due)),
        Voice.DESK);
  }

  /** Whom the word is wanted of, by the part of the answers that is theirs. */
  private static Optional<String> whom(String subject) {
    return Stream.of(Hold.LANDLORD, Hold.LENDER)
        .map(Hold::word)
        .filter(whom -> subject.equals(whom) || subject.contains("/" + whom))
        .findFirst();
  }

  static String of(Item item) {
    return DeskWords.WORDS.say(item.want().reasons(), Voice.DESK);
  }

  /** What the household put right last of what an item asks, as before and after; null where it has put nothing right. */
  static @Nullable String putRight(Item item, List<StoredEvent> history) {
    var about = item.want().reasons().stream()
        .flatMap(reason -> reason.arguments().stream())
        .collect(Collectors.toSet());
    return history.stream()
        .flatMap(event -> event.reasons().stream())
        .filter(reason -> PUT_RIGHT.contains(reason.code().code()))
        .filter(reason -> about.contains(reason.arguments().get(0)))
        .reduce((earlier, later) -> later)
        .map(reason -> beforeAfter(reason.arguments().get(1), reason.arguments().get(2)))
        .orElse(null);
  }

  private static String beforeAfter(Argument before, Argument after) {
    var words = DeskWords.WORDS;
    return before.equals(after)
        ? words.say("claims.stays", "what", words.say(after))
        : words.say("claims.beforeAfter", "before", words.say(before), "after", words.say(after));
  }

  static String of(StoredEvent event) {
    var reasons = event.reasons();
    return reasons.isEmpty()
        ? DeskWords.WORDS.word(event.move())
        : DeskWords.WORDS.say(reasons, Voice.DESK);
  }
}
