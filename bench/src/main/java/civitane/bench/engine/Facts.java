package civitane.bench.engine;

import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.Person;
import civitane.core.services.schoolmeals.SchoolMealsAnswers;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** The facts that the engine's rules are written over and conclude. */
public final class Facts {
  private Facts() {}

  /** The request with the numbers of its rate book. */
  public record Terms(
      boolean determines, boolean fosterCounted, boolean childrensEarnings, BigDecimal base) {}

  /** Somebody counted; the age is -1 when the birth date is missing. */
  public record Counted(String id, Person person, int age, boolean adult, boolean applicant) {}

  /** A child that is asked for. */
  public record Child(String id, SchoolMealsAnswers.Child entry, int age, boolean freely) {}

  /** A recurring income of a counted person, worth something between two values. */
  public record Item(
      String person,
      boolean earned,
      Frequency frequency,
      BigDecimal periodLow,
      BigDecimal periodHigh,
      BigDecimal low,
      BigDecimal high,
      BigDecimal yearlyLow,
      BigDecimal yearlyHigh) {
    public boolean isDisputed() {
      return low.compareTo(high) != 0;
    }
  }

  /** A counted person has something coming in, whatever it is worth. */
  public record Earner(String person, Income income) {}

  /** Something stands in the way of knowing the income. */
  public record Gap(String person) {}

  /** What comes in together. */
  public record Totals(
      boolean disputed,
      @Nullable Frequency one,
      BigDecimal low,
      BigDecimal high,
      BigDecimal yearlyHigh,
      BigDecimal monthlyLow,
      BigDecimal monthlyHigh,
      BigDecimal earnedLow,
      BigDecimal earnedHigh) {}

  /** How many are counted, and what they weigh. */
  public record Size(int people, BigDecimal weight) {}
}
