package civitane.app.letters;

import civitane.core.facts.Acting;
import civitane.core.facts.Household;
import civitane.core.facts.LettersTo;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** Where a letter goes, by what the household said is safe. */
public final class Recipient {
  private Recipient() {}

  /**
   * The lines below the name: of whoever acts and gets the letters, else the mailing address, or in one line why no
   * address is printed.
   *
   * @param acting who acts for the household
   * @param alone whether the letter is for the applicant alone, and others at home must not come upon it
   */
  public static List<String> lines(
      Household household, Collection<Acting> acting, boolean alone, Words words, LocalDate on) {
    var theirs = acting.stream()
        .filter(one -> one.letters() == LettersTo.ACTING && one.actsOn(on))
        .findFirst();
    if (!alone && theirs.isPresent() && theirs.get().contact() != null) {
      return Stream.concat(
              Stream.of(
                  words.say("letter.recipient.careOf", "name", theirs.get().name())),
              Stream.of(theirs.get().contact().split("\\s*,\\s*")))
          .toList();
    }
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
