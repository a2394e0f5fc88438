package civitane.app.letters;

import civitane.core.facts.Household;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** Where a letter goes, by what the household said is safe. */
public final class Recipient {
  private Recipient() {}

  /** The lines below the name: the mailing address, or in one line why no address is printed. */
  public static List<String> lines(Household household, LetterWords words) {
    if (!household.mayBeWrittenTo()) {
      return List.of(words.say("recipient.handOver"));
    }
    var address = household.mailingAddress();
    if (address.hidden()) {
      return List.of(words.say("recipient.protected"));
    }
    return Stream.of(address.line1(), address.postcode(), address.town())
        .filter(Objects::nonNull)
        .toList();
  }
}
