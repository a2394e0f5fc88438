package civitane.app.claims;

import civitane.app.catalogue.DeskWords;
import civitane.core.claims.Item;
import civitane.core.claims.NextStep;
import civitane.core.claims.Step;
import civitane.words.Voice;

/** What is said of a claim at the desk. */
final class ClaimWords {
  private ClaimWords() {}

  static String of(NextStep step) {
    var key = "claims.step." + step.step().word();
    if (step.step() == Step.AWAIT && step.item() != null) {
      return DeskWords.WORDS.say(
          key, "whom", DeskWords.WORDS.say("claims.third." + step.item().want().subject()));
    }
    return step.step() == Step.JUDGE && step.item() != null
        ? of(step.item())
        : DeskWords.WORDS.say(key);
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
