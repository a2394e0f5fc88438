package civitane.app.letters;

import civitane.core.facts.Household;
import civitane.words.Words;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** Where a letter goes, by what the household said is safe. */
public final class Recipient {
  private Recipient() {}

  /**
   * The lines below the name: the mailing address, or in one line why no address is printed.
   *
   * @param alone whether the letter is for the applicant alone, and others at home must not come upon it
   */
  public static List<String> lines(Household household, boolean alone, Words words) {
    if (alone || !household.mayBeWrittenTo()) {
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
