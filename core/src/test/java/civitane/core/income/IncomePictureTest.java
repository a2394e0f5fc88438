package civitane.core.income;

import civitane.core.facts.Frequency;
import civitane.core.facts.Homes;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Payslip;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** What comes in, from words, payslips and registers. */
public class IncomePictureTest {
  private static final LocalDate LODGED = LocalDate.parse("2026-11-23");
  private static final RateBook RATES = RateShelf.shipped().on(LODGED).orElseThrow();

  private static IncomePicture picture(List<Person> people, List<Income> incomes) {
    var household = Homes.of(people, incomes);
    return IncomePicture.of(
        Counted.of(household, Counting.SHARED_MONEY, LODGED), RATES, LODGED, LODGED, false);
  }

  private static Person mother() {
    return Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", LocalDate.parse("1988-03-14"));
  }

  private static Income wage(
      String amount,
      Frequency frequency,
      List<Payslip> payslips,
      @Nullable Amount register,
      @Nullable LocalDate from) {
    return new Income(
        "i1",
        "p1",
        IncomeKind.WAGES,
        Amount.of(amount),
        frequency,
        null,
        from,
        null,
        null,
        payslips,
        register,
        null,
        null);
  }

  private static Payslip slip(int daysBefore, String gross) {
    return new Payslip(LODGED.minusDays(daysBefore), Amount.of(gross));
  }

  private static IncomePicture of(Income income) {
    return picture(List.of(mother()), List.of(income));
  }

  @Test
  public void aWeekIsAFiftySecondOfAYear() {
    assertEquals(
        of(wage("430", Frequency.WEEKLY, List.of(), null, null)).monthlyHigh(),
        Amount.of("1863.33"));
    assertEquals(
        of(wage("430", Frequency.FOUR_WEEKLY, List.of(), null, null)).yearlyHigh(),
        Amount.of(5_590));
    assertEquals(
        of(wage("100.01", Frequency.QUARTERLY, List.of(), null, null)).monthlyHigh(),
        Amount.of("33.34"));
  }

  @Test
  public void enoughPayslipsStandForTheWord() {
    var two = List.of(slip(10, "1000"), slip(40, "1100.01"));
    assertEquals(
        of(wage("900", Frequency.MONTHLY, two, null, null)).monthlyHigh(), Amount.of("1050.01"));
    var one = List.of(slip(10, "1000"));
    assertEquals(of(wage("900", Frequency.MONTHLY, one, null, null)).monthlyHigh(), Amount.of(900));
    assertEquals(
        of(wage("900", Frequency.MONTHLY, one, null, LODGED.minusDays(75))).monthlyHigh(),
        Amount.of(1_000));
    assertEquals(
        of(wage("900", Frequency.MONTHLY, one, null, LODGED.minusDays(76))).monthlyHigh(),
        Amount.of(900));
    var old = List.of(slip(10, "1000"), slip(76, "1100"));
    assertEquals(of(wage("900", Frequency.MONTHLY, old, null, null)).monthlyHigh(), Amount.of(900));
  }

  @Test
  public void payThatSwingsIsFlagged() {
    var swings = List.of(slip(3, "300"), slip(10, "520"), slip(17, "310"), slip(24, "505"));
    assertTrue(
        of(wage("420", Frequency.WEEKLY, swings, null, null)).incomes().get(0).irregular()
            == false);
    var more = List.of(slip(3, "280"), slip(10, "560"), slip(17, "310"), slip(24, "485"));
    assertTrue(
        of(wage("420", Frequency.WEEKLY, more, null, null)).incomes().get(0).irregular());
  }

  @Test
  public void twoPayslipsForOnePeriodContradictEachOther() {
    assertFalse(
        of(wage("900", Frequency.MONTHLY, List.of(slip(10, "1000"), slip(10, "1000")), null, null))
            .isKnown());
  }

  @Test
  public void theRegisterIsBelievedWithinItsTolerance() {
    // 6 % of 1,500 is 90; of 400 it would be 24, so 25 holds.
    assertFalse(
        of(wage("1410", Frequency.MONTHLY, List.of(), Amount.of(1_500), null)).isDisputed());
    var disputed = of(wage("1409.99", Frequency.MONTHLY, List.of(), Amount.of(1_500), null));
    assertTrue(disputed.isDisputed());
    assertEquals(disputed.monthlyLow(), Amount.of("1409.99"));
    assertEquals(disputed.yearlyHigh(), Amount.of(18_000));
    assertFalse(
        of(wage("375", Frequency.MONTHLY, List.of(), Amount.of(400), null)).isDisputed());
    assertTrue(
        of(wage("374.99", Frequency.MONTHLY, List.of(), Amount.of(400), null)).isDisputed());
  }

  @Test
  public void costsOfTheSelfEmployedAreTakenOff() {
    var flat =
        Income.of("i1", "p1", IncomeKind.SELF_EMPLOYMENT, Amount.of(1_000), Frequency.MONTHLY);
    assertEquals(of(flat).monthlyHigh(), Amount.of(800));
    var more = new Income(
        "i1",
        "p1",
        IncomeKind.SELF_EMPLOYMENT,
        Amount.of(1_000),
        Frequency.MONTHLY,
        null,
        null,
        null,
        Amount.of(1_200),
        List.of(),
        null,
        null,
        null);
    assertEquals(of(more).monthlyHigh(), Amount.ZERO);
  }

  @Test
  public void whatEndedComesOnceOrNeverCountsIsLeftOut() {
    for (var kind : List.of(IncomeKind.LOAN, IncomeKind.STUDY_GRANT, IncomeKind.FOSTER_PAYMENT)) {
      assertFalse(
          of(Income.of("i1", "p1", kind, Amount.of(500), Frequency.MONTHLY)).isKnown(),
          kind.word());
    }
    assertFalse(of(wage("500", Frequency.ONCE, List.of(), null, null)).isKnown());
    assertFalse(
        of(wage("500", Frequency.MONTHLY, List.of(), null, LODGED.plusDays(1))).isKnown());
    assertTrue(of(wage("500", Frequency.MONTHLY, List.of(), null, LODGED)).isKnown());
  }

  @Test
  public void aChildsEarningsAreLeftOut() {
    var boy = Person.of("p2", Role.CHILD, "Tobren", "Tamsett", LocalDate.parse("2010-03-03"));
    var his = Income.of("i2", "p2", IncomeKind.WAGES, Amount.of(60), Frequency.WEEKLY);
    var hers = wage("1000", Frequency.MONTHLY, List.of(), null, null);
    assertEquals(
        picture(List.of(mother(), boy), List.of(hers, his)).monthlyHigh(), Amount.of(1_000));
  }

  private static WageEvidence evidence(Income income) {
    return WageEvidence.of(income, mother(), RATES.incomeCheck(), LODGED, LODGED);
  }

  @Test
  public void whatSpeaksForAWageIsToldInEurosAMonth() {
    var word = evidence(wage("430", Frequency.WEEKLY, List.of(), Amount.of("2600"), null));
    assertEquals(word.said(), Amount.of("1863.33"));
    assertNull(word.shown());
    assertEquals(word.enough(), 4);
    assertTrue(word.isDisputed());
    assertEquals(word.low(), Amount.of("1863.33"));
    assertEquals(word.high(), Amount.of("2600"));
    var slips = evidence(wage(
        "430",
        Frequency.WEEKLY,
        List.of(slip(3, "430"), slip(10, "430"), slip(17, "430"), slip(24, "630")),
        Amount.of("2600"),
        null));
    assertEquals(slips.shown(), Amount.of("2080"));
    assertFalse(slips.isDisputed());
    assertEquals(slips.high(), Amount.of("2080"));
    assertEquals(slips.slips(), 4);
    assertTrue(slips.irregular());
  }

  @Test
  public void twoPayslipsOfOnePeriodShowNothing() {
    var twice = evidence(
        wage("1800", Frequency.MONTHLY, List.of(slip(23, "1800"), slip(23, "1900")), null, null));
    assertNull(twice.shown());
    assertNull(twice.low());
  }
}
