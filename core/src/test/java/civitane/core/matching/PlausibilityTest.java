package civitane.core.matching;

import civitane.core.facts.Frequency;
import civitane.core.facts.Homes;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.List;
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
}
