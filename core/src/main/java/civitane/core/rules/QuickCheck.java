package civitane.core.rules;

import civitane.core.facts.Word;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a first look at a service asks, before anything is kept.
 *
 * @param facts what of the household it needs
 * @param answers the keys of the questions that decide
 */
public record QuickCheck(Set<Fact> facts, List<String> answers) {

  /** Something a first look asks of the household. */
  public enum Fact implements Word {
    POSTCODE("/household/address"),
    /** How many live there, by age. */
    PEOPLE("/household/people"),
    /** What comes in a month, together. */
    INCOME("income"),
    /** What is owned, together. */
    OWNED("/household/assets");

    private final String pointer;

    Fact(String pointer) {
      this.pointer = pointer;
    }

    boolean isMissedBy(String missing) {
      return missing.startsWith(pointer) || missing.startsWith("/household/" + word());
    }
  }

  /** A first look at answers alone. */
  public static QuickCheck of(String... answers) {
    return new QuickCheck(Set.of(), List.of(answers));
  }

  public QuickCheck with(Fact first, Fact... others) {
    return new QuickCheck(EnumSet.of(first, others), answers);
  }

  /** The checks that can be told after what was asked; those that wait for anything else are left for the application. */
  public List<Check> shown(Result result) {
    return result.checks().stream()
        .filter(check -> !check.is(Outcome.UNKNOWN)
            || check.missing().stream().anyMatch(missing -> isAsked(missing.subject())))
        .toList();
  }

  private boolean isAsked(String missing) {
    return answers.stream().anyMatch(key -> Arrays.asList(missing.split("/")).contains(key))
        || facts.stream().anyMatch(fact -> fact.isMissedBy(missing));
  }
}
