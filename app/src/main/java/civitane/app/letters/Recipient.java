package civitane.app.letters;

import civitane.core.facts.Acting;
import civitane.core.facts.Household;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * Where a letter goes, by what the household said is safe.
 *
 * @param lines below the name: of whoever acts and gets the letters, else the mailing address, or in one line why no
 *     address is printed
 */
record Recipient(List<String> lines, LetterWay way) {

  /**
   * Where a letter to a household goes.
   *
   * @param acting who acts for the household
   * @param alone whether the letter is for the applicant alone, and others at home must not come upon it
   */
  static Recipient of(
      Household household, Collection<Acting> acting, boolean alone, Words words, LocalDate on) {
    var theirs =
        acting.stream().filter(one -> one.getsLetters() && one.mayBeToldOn(on)).findFirst();
    if (!alone && theirs.isPresent() && theirs.get().contact() != null) {
      return posted(Stream.concat(
          Stream.of(words.say("letter.recipient.careOf", "name", theirs.get().name())),
          Stream.of(theirs.get().contact().split("\\s*,\\s*"))));
    }
    if (alone || !household.mayBeWrittenTo()) {
      return new Recipient(
          List.of(words.say("letter.recipient.handOver")),
          LetterWay.without(household, alone ? List.of() : acting, on));
    }
    var address = household.lettersTo();
    if (address == null) {
      return posted(Stream.of(words.say("letter.recipient.protected")));
    }
    return posted(
        Stream.of(address.line1(), address.postcode(), address.town()).filter(Objects::nonNull));
  }

  private static Recipient posted(Stream<String> lines) {
    return new Recipient(lines.toList(), LetterWay.POST);
  }
}
