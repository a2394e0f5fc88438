package civitane.bench;

import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.Period;
import java.util.HashSet;

/**
 * Who is counted and what comes in, as straight-line Java that explains nothing.
 *
 * <p>It keeps sums where the rules keep items, and a flag where the rules keep reasons.
 */
final class IncomeFloor {
  private static final BigDecimal TWELVE = BigDecimal.valueOf(12);
  private static final BigDecimal FROM_14 = new BigDecimal("0.55");
  private static final BigDecimal UNDER_14 = new BigDecimal("0.35");
  private static final BigDecimal TOLERANCE = new BigDecimal("0.06");
  private static final BigDecimal TOLERANCE_MONTHLY = new BigDecimal("25");
  private static final BigDecimal AFTER_FLAT_COSTS = new BigDecimal("0.80");
  private static final int WINDOW = 75;
  private static final int HEAVIER_FROM = 14;
  private static final int ADULT = 18;
  private static final int HALF_THE_NIGHTS = 7;

  int people;
  BigDecimal weight = BigDecimal.ONE;
  boolean known = true;
  boolean disputed;
  boolean mixed;
  Frequency one;
  BigDecimal periodLow = BigDecimal.ZERO;
  BigDecimal periodHigh = BigDecimal.ZERO;
  BigDecimal yearlyLow = BigDecimal.ZERO;
  BigDecimal yearlyHigh = BigDecimal.ZERO;
  BigDecimal monthlyLow = BigDecimal.ZERO;
  BigDecimal monthlyHigh = BigDecimal.ZERO;
  BigDecimal earnedLow = BigDecimal.ZERO;
  BigDecimal earnedHigh = BigDecimal.ZERO;

  private final Packet packet;
  private final boolean foster;

  IncomeFloor(Packet packet, boolean foster, boolean childrensEarnings) {
    this.packet = packet;
    this.foster = foster;
    var household = packet.household();
    for (var person : household.people()) {
      if (!counts(person)) {
        continue;
      }
      people++;
      if (person.birthDate() == null) {
        known = false;
      } else if (person.role() != Role.APPLICANT) {
        weight = weight.add(age(person) >= HEAVIER_FROM ? FROM_14 : UNDER_14);
      }
    }
    for (var income : household.incomes()) {
      item(household, income, childrensEarnings);
    }
    for (var person : household.people()) {
      if (counts(person) && person.birthDate() != null && age(person) >= ADULT) {
        known &= hasItem(household, person) != states(household, person);
      }
    }
  }

  boolean counts(Person person) {
    if (person.role() != Role.APPLICANT
        && person.nightsHere() < HALF_THE_NIGHTS
        && person.away() == null) {
      return false;
    }
    return switch (person.role()) {
      case APPLICANT, SPOUSE, CHILD -> true;
      case PARENT, SIBLING, RELATIVE -> person.sharesMoney();
      case FOSTER_CHILD -> foster;
      default -> false;
    };
  }

  int age(Person person) {
    return Period.between(person.birthDate(), packet.lodgedOn()).getYears();
  }

  Person person(String id) {
    for (var person : packet.household().people()) {
      if (person.id().equals(id)) {
        return person;
      }
    }
    return null;
  }

  boolean isCounted(String id) {
    if (id == null) {
      return true;
    }
    var person = person(id);
    return person != null && counts(person);
  }

  private boolean recurs(Income income) {
    return income.kind().isCounted() && income.isRecurringOn(packet.lodgedOn());
  }

  private boolean hasItem(Household household, Person person) {
    for (var income : household.incomes()) {
      if (income.person().equals(person.id()) && recurs(income)) {
        return true;
      }
    }
    return false;
  }

  private static boolean states(Household household, Person person) {
    for (var statement : household.noIncome()) {
      if (statement.person().equals(person.id())) {
        return true;
      }
    }
    return false;
  }

  private void item(Household household, Income income, boolean childrensEarnings) {
    var person = person(income.person());
    if (person == null || !counts(person) || !recurs(income)) {
      return;
    }
    var earned = income.kind().isEarned();
    if (earned
        && !childrensEarnings
        && person.role() != Role.APPLICANT
        && person.role() != Role.SPOUSE
        && person.birthDate() != null
        && age(person) < ADULT) {
      return;
    }
    if (income.frequency() == null) {
      known = false;
      return;
    }
    var used = income.kind() == IncomeKind.WAGES ? fromPayslips(income) : null;
    if (!known && income.kind() == IncomeKind.WAGES && !income.payslips().isEmpty()) {
      return;
    }
    var settled = used != null;
    if (used == null) {
      if (income.amount() == null) {
        known = false;
        return;
      }
      used = income.amount().toDecimal();
      if (income.kind() == IncomeKind.SELF_EMPLOYMENT) {
        used = income.businessCosts() != null
            ? used.subtract(income.businessCosts().toDecimal()).max(BigDecimal.ZERO)
            : used.multiply(AFTER_FLAT_COSTS);
      }
    }
    var yearly = used.multiply(BigDecimal.valueOf(income.frequency().periods()));
    var monthly = yearly.divide(TWELVE, 2, RoundingMode.HALF_UP);
    if (!settled && income.kind() == IncomeKind.WAGES && income.registerMonthly() != null) {
      var register = income.registerMonthly().toDecimal();
      if (monthly
              .subtract(register)
              .abs()
              .compareTo(register.multiply(TOLERANCE).max(TOLERANCE_MONTHLY))
          > 0) {
        disputed = true;
        var low = monthly.min(register);
        var high = monthly.max(register);
        add(
            Frequency.MONTHLY,
            earned,
            low,
            high,
            low,
            high,
            low.multiply(TWELVE),
            high.multiply(TWELVE));
        return;
      }
    }
    add(income.frequency(), earned, used, used, monthly, monthly, yearly, yearly);
  }

  private void add(
      Frequency frequency,
      boolean earned,
      BigDecimal periodLeast,
      BigDecimal periodMost,
      BigDecimal monthlyLeast,
      BigDecimal monthlyMost,
      BigDecimal yearlyLeast,
      BigDecimal yearlyMost) {
    mixed |= one != null && one != frequency;
    one = frequency;
    periodLow = periodLow.add(periodLeast);
    periodHigh = periodHigh.add(periodMost);
    monthlyLow = monthlyLow.add(monthlyLeast);
    monthlyHigh = monthlyHigh.add(monthlyMost);
    yearlyLow = yearlyLow.add(yearlyLeast);
    yearlyHigh = yearlyHigh.add(yearlyMost);
    if (earned) {
      earnedLow = earnedLow.add(monthlyLeast);
      earnedHigh = earnedHigh.add(monthlyMost);
    }
  }

  /** The mean of the payslips when there are enough; null otherwise. */
  private BigDecimal fromPayslips(Income income) {
    if (income.payslips().isEmpty()) {
      return null;
    }
    var opens = packet.lodgedOn().minusDays(WINDOW);
    var ends = new HashSet<LocalDate>();
    var sum = BigDecimal.ZERO;
    var count = 0;
    for (var slip : income.payslips()) {
      if (slip.periodEnd().isBefore(opens) || slip.periodEnd().isAfter(packet.asOf())) {
        continue;
      }
      if (!ends.add(slip.periodEnd())) {
        known = false;
        return null;
      }
      sum = sum.add(slip.gross().toDecimal());
      count++;
    }
    return count >= enough(income, opens) && count > 0
        ? sum.divide(BigDecimal.valueOf(count), MathContext.DECIMAL64)
        : null;
  }

  private int enough(Income income, LocalDate opens) {
    var begun = income.startsOn();
    if (begun != null && !begun.isBefore(opens) && !begun.isAfter(packet.asOf())) {
      return 1;
    }
    return switch (income.frequency()) {
      case WEEKLY -> 4;
      case FORTNIGHTLY, FOUR_WEEKLY, TWICE_MONTHLY, MONTHLY -> 2;
      default -> Integer.MAX_VALUE;
    };
  }
}
