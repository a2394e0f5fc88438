package civitane.core.facts;

import java.util.List;
import java.util.Set;

/** Made-up households of which nothing is known but the people and what comes in. */
public final class Homes {
  private Homes() {}

  public static Household of(List<Person> people, List<Income> incomes) {
    return of(people, 0, incomes);
  }

  /** A household that expects children. */
  public static Household of(List<Person> people, int expectedChildren, List<Income> incomes) {
    return new Household(
        Address.UNKNOWN,
        people,
        expectedChildren,
        incomes,
        List.of(),
        List.of(),
        List.of(),
        Set.of(),
        null,
        List.of());
  }
}
