package civitane.app.claims;

import civitane.app.catalogue.DeskWords;
import civitane.core.claims.Item;
import civitane.core.claims.NextStep;
import civitane.core.claims.Step;
import civitane.core.rules.Hold;
import civitane.core.rules.Route;
import civitane.words.Voice;
import java.util.Optional;
import java.util.stream.Stream;

/** What is said of a claim at the desk. */
final class ClaimWords {
  private ClaimWords() {}

  static String of(NextStep step) {
    var key = "claims.step." + step.step().word();
    var item = step.item();
    if (step.step() == Step.AWAIT && item != null) {
      return whom(item.want().subject())
          .map(
              whom -> DeskWords.WORDS.say(key, "whom", DeskWords.WORDS.say("claims.third." + whom)))
          .orElseGet(() -> DeskWords.WORDS.say("claims.step.awaitAnother"));
    }
    return item != null && item.want().subject().equals(Route.URGENT_LINE.word())
        ? of(item)
        : DeskWords.WORDS.say(key);
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

  static String of(StoredEvent event) {
    var reasons = event.reasons();
    return reasons.isEmpty()
        ? DeskWords.WORDS.word(event.move())
        : DeskWords.WORDS.say(reasons, Voice.DESK);
  }
}
