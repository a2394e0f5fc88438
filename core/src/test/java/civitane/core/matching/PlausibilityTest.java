package civitane.core.matching;

import civitane.core.facts.Address;
import civitane.core.facts.Contact;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Homes;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** What looks wrong is asked about, and only that. */
public class PlausibilityTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-23");

  private static List<String> doubts(List<Person> people, List<Income> incomes) {
    var household = Homes.of(people, incomes);
    return Plausibility.of(household, TODAY, RateShelf.shipped().on(TODAY).orElseThrow()).stream()
        .map(doubt -> doubt.because().code().key())
        .toList();
  }

  private static Person parent() {
    return Person.of("p1", Role.APPLICANT, "Rui", "Valdeira", LocalDate.parse("1979-11-02"));
  }

  @Test
  public void aMonthlyWageToldAsWeekly() {
    var weekly = Income.of("i1", "p1", IncomeKind.WAGES, Amount.of(2_400), Frequency.WEEKLY);
    assertEquals(doubts(List.of(parent()), List.of(weekly)), List.of("wageLooksMonthly"));
    var monthly = Income.of("i1", "p1", IncomeKind.WAGES, Amount.of(2_400), Frequency.MONTHLY);
    assertEquals(doubts(List.of(parent()), List.of(monthly)), List.of());
  }

  @Test
  public void aBirthStillToComeAndAChildOlderThanTheParent() {
    var unborn = Person.of("p2", Role.CHILD, "Tomás", "Valdeira", TODAY.plusDays(1));
    var elder = Person.of("p3", Role.CHILD, "Inês", "Valdeira", LocalDate.parse("1979-01-01"));
    assertEquals(doubts(List.of(parent(), unborn, elder), List.of()).size(), 2);
  }

  @Test
  public void onePersonListedTwice() {
    var again = Person.of("p2", Role.SPOUSE, "VALDEIRA", "rui", LocalDate.parse("1979-11-02"));
    assertEquals(doubts(List.of(parent(), again), List.of()).size(), 1);
  }

  @Test
  public void anHourlyWageToldAsAMonthly() {
    var hourly = Income.of("i1", "p1", IncomeKind.WAGES, Amount.of("14.50"), Frequency.MONTHLY);
    assertEquals(doubts(List.of(parent()), List.of(hourly)), List.of("wageLooksHourly"));
    var pension = Income.of("i1", "p1", IncomeKind.PENSION, Amount.of("14.50"), Frequency.MONTHLY);
    assertEquals(doubts(List.of(parent()), List.of(pension)), List.of());
  }

  @Test
  public void aWageFarFromTheRegister() {
    // 6 per cent of 2,000 is 120: 1,880 a month is near enough, a cent less is not.
    assertEquals(doubts(List.of(parent()), List.of(registered("1880", "2000"))), List.of());
    assertEquals(
        doubts(List.of(parent()), List.of(registered("1879.99", "2000"))),
        List.of("registerDiffers"));
    // Of a small wage 25 euros apart are nothing.
    assertEquals(doubts(List.of(parent()), List.of(registered("75", "100"))), List.of());
  }

  private static Income registered(String monthly, String register) {
    return new Income(
        "i1",
        "p1",
        IncomeKind.WAGES,
        Amount.of(monthly),
        Frequency.MONTHLY,
        null,
        null,
        null,
        null,
        List.of(),
        Amount.of(register),
        null,
        null);
  }

  private static List<String> places(Household household) {
    return Plausibility.of(household, TODAY, RateShelf.shipped().on(TODAY).orElseThrow()).stream()
        .map(doubt -> doubt.pointer() + " " + doubt.because().code().key())
        .toList();
  }

  private static Household paying(String income, String rent, Frequency each) {
    var wage = Income.of("i1", "p1", IncomeKind.PENSION, Amount.of(income), Frequency.MONTHLY);
    return new Household(
        Address.UNKNOWN,
        List.of(parent()),
        0,
        List.of(wage),
        List.of(),
        List.of(
            new Expense(ExpenseKind.CHILDCARE, Amount.of(9_000), Frequency.MONTHLY, null),
            new Expense(ExpenseKind.RENT, Amount.of(rent), each, null)),
        List.of(),
        Set.of(),
        null,
        List.of());
  }

  @Test
  public void aRentAboveEverythingThatComesIn() {
    var place = List.of("/household/expenses/1/amount rentAboveIncome");
    assertEquals(places(paying("1200", "1200.01", Frequency.MONTHLY)), place);
    assertEquals(places(paying("1200", "1200", Frequency.MONTHLY)), List.of());
    assertEquals(places(paying("1200", "300", Frequency.WEEKLY)), place);
    assertEquals(places(paying("0", "300", Frequency.WEEKLY)), List.of(), "nothing comes in yet");
  }

  private static Household reachedAt(@Nullable String phone, @Nullable String mail) {
    var contact = Contact.by(phone, mail);
    var person = new Person(
        "p1",
        Role.APPLICANT,
        "Rui",
        "Valdeira",
        List.of(),
        null,
        null,
        LocalDate.parse("1979-11-02"),
        null,
        false,
        true,
        14,
        null,
        null,
        null,
        contact,
        null);
    return Homes.of(List.of(person), List.of());
  }

  @Test
  public void aPhoneNumberThatIsShortAndAMailAddressThatCannotBe() {
    assertEquals(
        places(reachedAt("123", "rui at home")),
        List.of(
            "/household/people/0/contact/email mailNotWritten",
            "/household/people/0/contact/phone phoneShort"));
    assertEquals(places(reachedAt("020 555 0114", "rui@ferry.example")), List.of());
    assertEquals(places(reachedAt(null, null)), List.of());
  }
}
