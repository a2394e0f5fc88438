package civitane.core.facts;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The people of one home with their money, told once and used for every request. */
public record Household(
    Address address,
    List<Person> people,
    int expectedChildren,
    List<Income> incomes,
    List<NoIncome> noIncome,
    List<Expense> expenses,
    List<Asset> assets,
    Set<Benefit> benefits,
    @Nullable Payment payment,
    List<Consent> consents) {

  public Household {
    people = List.copyOf(people);
    incomes = List.copyOf(incomes);
    noIncome = List.copyOf(noIncome);
    expenses = List.copyOf(expenses);
    assets = List.copyOf(assets);
    benefits = Set.copyOf(benefits);
    consents = List.copyOf(consents);
  }

  public Optional<Person> person(@Nullable String id) {
    for (var person : people) {
      if (person.id().equals(id)) {
        return Optional.of(person);
      }
    }
    return Optional.empty();
  }

  /** The one who applies. Every packet has exactly one. */
  public Person applicant() {
    return people.stream()
        .filter(person -> person.role() == Role.APPLICANT)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("a household without an applicant"));
  }

  public boolean statesNoIncome(Person person) {
    for (var statement : noIncome) {
      if (statement.person().equals(person.id())) {
        return true;
      }
    }
    return false;
  }
}
