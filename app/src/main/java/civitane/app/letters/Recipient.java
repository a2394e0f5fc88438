package civitane.app.letters;

import civitane.core.facts.Household;
import civitane.words.Words;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** Where a letter goes, by what the household said is safe. */
public final class Recipient {
  private Recipient() {}

  /** The lines below the name: the mailing address, or in one line why no address is printed. */
  public static List<String> lines(Household household, Words words) {
    if (!household.mayBeWrittenTo()) {
      return List.of(words.say("letter.recipient.handOver"));
    }
    var address = household.lettersTo();
    if (address == null) {
      return List.of(words.say("letter.recipient.protected"));
    }
    return Stream.of(address.line1(), address.postcode(), address.town())
        .filter(Objects::nonNull)
        .toList();
  }
}
