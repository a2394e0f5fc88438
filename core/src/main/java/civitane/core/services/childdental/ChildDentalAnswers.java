package civitane.core.services.childdental;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What Child Dental asks beyond the household's facts.
 *
 * @param taxFiled whether a tax return was filed, by person
 * @param assessedIncome euros, of the tax year
 */
public record ChildDentalAnswers(
    @Asked(begunFor = {Role.CHILD, Role.FOSTER_CHILD}) @Nullable
    List<Child> children,

    @Asked(knownAs = "taxFiled") @Nullable Map<String, Boolean> taxFiled,
    @Asked(knownAs = "assessedIncome") @Nullable Amount assessedIncome,

    @Asked(optional = true, filledIn = true, knownAs = "paidBefore")
    List<Paid> alreadyPaid) {

  /** A child it is asked for. */
  public record Child(
      @As(Form.PERSON) @Nullable String person,
      @Nullable Boolean privateCover,
      boolean sharedCare,
      @Asked(knownAs = "childBenefit") @Nullable Boolean childBenefit,
      @Nullable LocalDate appointmentOn) {

    static Child of(Person person) {
      return new Child(person.id(), null, false, null, null);
    }
  }

  /** A child's sum that was paid for a period, named by its first year. */
  public record Paid(
      @As(Form.PERSON) @Nullable String person, @Nullable String period) {}

  /** Where in the list a child stands, from 0; empty where it is not asked for. */
  public OptionalInt childAt(String person) {
    return IntStream.range(0, named().size())
        .filter(at -> person.equals(named().get(at).person()))
        .findFirst();
  }

  /** Whether somebody is of those whose assessed income counts together. */
  public static boolean isTaxed(Person person) {
    return person.role() == Role.APPLICANT || person.role() == Role.SPOUSE;
  }

  /** The children it is asked for; none before any was named. */
  public List<Child> named() {
    return children == null ? List.of() : children;
  }
}
