package civitane.core.facts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The people of one home with their money, told once and used for every request.
 *
 * @param expenses what goes out; null while nobody was asked, which is not the same as none
 * @param assets what is owned; null while nobody was asked
 * @param benefits what is received now; null while nobody was asked
 */
public record Household(
    Address address,
    @Required List<Person> people,
    @UpTo(20) int expectedChildren,
    List<Income> incomes,
    List<NoIncome> noIncome,
    @Nullable List<Expense> expenses,
    @Nullable List<Asset> assets,
    @Nullable Set<Benefit> benefits,
    @Nullable Payment payment,
    List<Consent> consents) {

  private static final Comparator<Person> IN_ORDER =
      Comparator.comparing(Person::role).thenComparing(Person::id, Ids.ORDER);

  public Household {
    address = address == null ? Address.UNKNOWN : address;
    people = Lists.of(people);
    incomes = Lists.of(incomes);
    noIncome = Lists.of(noIncome);
    expenses = expenses == null ? null : List.copyOf(expenses);
    assets = assets == null ? null : List.copyOf(assets);
    benefits = benefits == null ? null : Set.copyOf(benefits);
    consents = Lists.of(consents);
  }

  /** The people in an order that does not depend on how they were told: who applies, then by their ids. */
  public List<Person> inOrder() {
    if (people.size() < 2) {
      return people;
    }
    var sorted = new ArrayList<>(people);
    sorted.sort(IN_ORDER);
    return sorted;
  }

  /** The places of the incomes in the list, in an order that does not depend on how they were told. */
  public List<Integer> incomesInOrder() {
    var places = new ArrayList<Integer>(incomes.size());
    for (var i = 0; i < incomes.size(); i++) {
      places.add(i);
    }
    places.sort(Comparator.comparing(place -> incomes.get(place).id(), Ids.ORDER));
    return places;
  }

  public Optional<Person> person(@Nullable String id) {
    for (var person : people) {
      if (person.id().equals(id)) {
        return Optional.of(person);
      }
    }
    return Optional.empty();
  }

  /** The same home with these people only: what is somebody else's is not the household's any more. */
  public Household of(List<Person> these, @Nullable Payment account) {
    var ids = these.stream().map(Person::id).toList();
    return new Household(
        address,
        these,
        expectedChildren,
        incomes.stream().filter(income -> ids.contains(income.person())).toList(),
        noIncome.stream().filter(none -> ids.contains(none.person())).toList(),
        expenses == null
            ? null
            : expenses.stream().filter(one -> isOf(one.person(), ids)).toList(),
        assets == null
            ? null
            : assets.stream().filter(one -> isOf(one.person(), ids)).toList(),
        benefits,
        account,
        consents.stream().filter(consent -> ids.contains(consent.person())).toList());
  }

  /** These people in a home of their own, with what is theirs; of what the whole household had nobody was asked yet. */
  public Household apart(List<Person> these, Address home) {
    var theirs = of(these, null);
    return new Household(
        home,
        these,
        0,
        theirs.incomes(),
        theirs.noIncome(),
        null,
        null,
        null,
        null,
        theirs.consents());
  }

  private static boolean isOf(@Nullable String person, List<String> ids) {
    return person == null || ids.contains(person);
  }

  public Optional<Income> income(String id) {
    return incomes.stream().filter(income -> income.id().equals(id)).findFirst();
  }

  /** What goes out as far as it was listed. */
  public List<Expense> listedExpenses() {
    return expenses == null ? List.of() : expenses;
  }

  /** What is owned as far as it was listed. */
  public List<Asset> listedAssets() {
    return assets == null ? List.of() : assets;
  }

  /** What is received now, as far as it was listed, in one order. */
  public List<Benefit> listedBenefits() {
    return benefits == null ? List.of() : benefits.stream().sorted().toList();
  }

  /** Whether it receives this now, as far as was told. */
  public boolean receives(Benefit benefit) {
    return benefits != null && benefits.contains(benefit);
  }

  /** The one who applies. Every packet has exactly one. */
  public Person applicant() {
    return people.stream()
        .filter(person -> person.role() == Role.APPLICANT)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("a household without an applicant"));
  }

  /** Where letters go: to the mailing address where one was given, else home; null where home is protected. */
  public @Nullable MailingAddress lettersTo() {
    if (address.mailing() != null) {
      return address.mailing();
    }
    return address.hidden()
        ? null
        : new MailingAddress(address.line1(), address.town(), address.postcode());
  }

  /** Whether letters may be posted; the applicant may have said that it is not safe. */
  public boolean mayBeWrittenTo() {
    var contact = applicant().contact();
    return contact == null || !Boolean.FALSE.equals(contact.mayWrite());
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
