package civitane.core.reasons;

import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A value that a reason is about. How it is written is for whoever says it. */
public sealed interface Argument {

  /**
   * Euros.
   *
   * @param each the period they are for; {@link Frequency#ONCE} for a sum that has none
   */
  record Money(Amount amount, Frequency each) implements Argument {}

  /** A number of something. */
  record Quantity(Amount number, Unit unit) implements Argument {}

  record Day(LocalDate on) implements Argument {}

  record Month(YearMonth month) implements Argument {}

  /**
   * Somebody of the household: by name, else by role and, of several, by which of them.
   *
   * @param name how they are called; null when no name is known
   * @param which of several of the same role, from 1
   */
  record Who(String id, @Nullable String name, Role role, int which) implements Argument {

    public static Who of(Household household, Person person) {
      var name = person.spokenName();
      if (name != null) {
        return new Who(person.id(), name, person.role(), 1);
      }
      var which = 1;
      for (var other : household.inOrder()) {
        if (other.id().equals(person.id())) {
          break;
        }
        which += other.role() == person.role() ? 1 : 0;
      }
      return new Who(person.id(), null, person.role(), which);
    }
  }

  /** A name or word as it was told; never translated. */
  record Told(String text) implements Argument {}

  /** A word of a vocabulary: a kind of paper, a reason for leave, a frequency. */
  record Term(Word word) implements Argument {}

  /**
   * Something that is not there, as the question it answers and whose it is.
   *
   * @param subject the JSON Pointer of the fact, or the paper or statement by its kind
   * @param question what is asked: a key of the words, as in {@code rentRelief.arrears.owed}
   * @param row its place in a list, from 1; null where it stands in none
   */
  record Missing(
      String subject,
      String question,
      @Nullable Integer row,
      @Nullable Who whose) implements Argument {}

  record Several(List<? extends Argument> all) implements Argument {
    public Several {
      all = List.copyOf(all);
    }
  }

  static Money once(Amount amount) {
    return new Money(amount, Frequency.ONCE);
  }

  static Money monthly(Amount amount) {
    return new Money(amount, Frequency.MONTHLY);
  }

  static Money weekly(Amount amount) {
    return new Money(amount, Frequency.WEEKLY);
  }

  static Money yearly(Amount amount) {
    return new Money(amount, Frequency.YEARLY);
  }

  static Money each(Amount amount, Frequency each) {
    return new Money(amount, each);
  }

  static Quantity count(long number) {
    return new Quantity(Amount.of(number), Unit.COUNT);
  }

  static Quantity days(long number) {
    return new Quantity(Amount.of(number), Unit.DAYS);
  }

  static Quantity weeks(Amount number) {
    return new Quantity(number, Unit.WEEKS);
  }

  static Quantity months(long number) {
    return new Quantity(Amount.of(number), Unit.MONTHS);
  }

  static Quantity years(long number) {
    return new Quantity(Amount.of(number), Unit.YEARS);
  }

  static Quantity percent(Amount number) {
    return new Quantity(number, Unit.PERCENT);
  }

  static Quantity points(Amount number) {
    return new Quantity(number, Unit.POINTS);
  }

  static Day day(LocalDate on) {
    return new Day(on);
  }

  static Told told(String text) {
    return new Told(text);
  }

  static Term term(Word word) {
    return new Term(word);
  }

  static Several terms(List<? extends Word> words) {
    return new Several(words.stream().map(Term::new).toList());
  }

  static Several allTold(List<String> texts) {
    return new Several(texts.stream().map(Told::new).toList());
  }
}
