package civitane.core.services.schoolmeals;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.Outside;
import civitane.core.facts.PartyKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What School Meals ask beyond the household's facts.
 *
 * @param householdTotal the number of people the household states
 * @param schoolYear the year in which the school year begins; the one that runs stands for it
 * @param benefitNumber the number of a Household Allowance
 */
public record SchoolMealsAnswers(
    @Asked(begunFor = {Role.CHILD, Role.FOSTER_CHILD}) @Nullable
    List<Child> children,

    @Nullable Integer householdTotal,
    @Asked(optional = true) @Nullable Integer schoolYear,
    @Asked(optional = true) @Nullable String benefitNumber,
    @Asked(optional = true, forTheFile = true) @Nullable FormMedium medium) {

  /** A child it is asked for. */
  public record Child(
      @As(Form.PERSON) @Nullable String person,
      @Outside(PartyKind.SCHOOL) @Nullable String school,
      @Asked(forTheFile = true) @Nullable String grade,
      @Asked(optional = true, forTheFile = true) @Nullable String studentNumber,
      boolean homeless) {

    static Child of(Person person) {
      return new Child(person.id(), null, null, null, false);
    }
  }

  /** The children it is asked for; none where nothing was said. */
  public List<Child> named() {
    return children == null ? List.of() : children;
  }
}
