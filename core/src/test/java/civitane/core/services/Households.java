package civitane.core.services;

import civitane.core.facts.Address;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Told;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Made-up households for tests. */
final class Households {
  static final LocalDate LODGED = LocalDate.parse("2026-11-23");

  private Households() {}

  /** A mother and a child with one monthly wage and a rent. */
  static Household motherAndChild(Amount monthlyWage) {
    return of(List.of(mother(), child()), List.of(wage(monthlyWage)));
  }

  static Person mother() {
    return Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", LocalDate.parse("1988-03-14"));
  }

  static Person child() {
    return Person.of("p2", Role.CHILD, "Wren", "Tamsett", LocalDate.parse("2017-05-02"));
  }

  static Income wage(Amount monthly) {
    return Income.of("i1", "p1", IncomeKind.WAGES, monthly, Frequency.MONTHLY);
  }

  static Household of(List<Person> people, List<Income> incomes) {
    return new Household(
        Address.at("12 Tide Row", "Gullhaven", "BK31"),
        people,
        0,
        incomes,
        List.of(),
        List.of(new Expense(ExpenseKind.RENT, Amount.of(640), Frequency.MONTHLY, null)),
        List.of(),
        Set.of(),
        null,
        List.of());
  }

  static Packet asking(Household household, String service, Map<String, ?> answers) {
    return Packet.on(
        LODGED,
        household,
        List.of(new Request(
            service, Told.as(Services.named(service).orElseThrow().answers(), answers))));
  }

  static Packet askingForMeals(Household household) {
    var child = Map.of("person", "p2", "school", "Marsh Road School");
    return asking(
        household,
        "schoolMeals",
        Map.of("children", List.of(child), "householdTotal", Amount.of(2)));
  }

  static Packet askingForAllowance(Household household) {
    return asking(household, "householdAllowance", Map.of());
  }
}
