package civitane.bench;

import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.math.BigDecimal;
import java.time.Period;
import org.jspecify.annotations.Nullable;

/**
 * Who is counted and what comes in, as straight-line Java that explains nothing.
 *
 * <p>It keeps sums where the rules keep items, and a flag where the rules keep reasons.
 */
public final class IncomeFloor {
  private static final BigDecimal FROM_14 = new BigDecimal("0.55");
  private static final BigDecimal UNDER_14 = new BigDecimal("0.35");
  private static final int HEAVIER_FROM = 14;
  private static final int ADULT = 18;
  private static final int HALF_THE_NIGHTS = 7;

  int people;
  BigDecimal weight = BigDecimal.ONE;
  boolean known = true;
  boolean disputed;
  boolean mixed;

  @Nullable
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

  public IncomeFloor(Packet packet, boolean foster, boolean childrensEarnings) {
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

  public boolean counts(Person person) {
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

  public int age(Person person) {
    return Period.between(person.birthDate(), packet.assessedOn()).getYears();
  }

  public @Nullable Person person(String id) {
    for (var person : packet.household().people()) {
      if (person.id().equals(id)) {
        return person;
      }
    }
    return null;
  }

  public boolean isCounted(@Nullable String id) {
    if (id == null) {
      return true;
    }
    var person = person(id);
    return person != null && counts(person);
  }

  private boolean recurs(Income income) {
    return income.kind().isCounted() && income.isRecurringOn(packet.assessedOn());
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
    var worth = IncomeWorth.of(income, packet);
    if (worth == null) {
      known = false;
      return;
    }
    disputed |= worth.isDisputed();
    mixed |= one != null && one != worth.frequency();
    one = worth.frequency();
    periodLow = periodLow.add(worth.periodLow());
    periodHigh = periodHigh.add(worth.periodHigh());
    monthlyLow = monthlyLow.add(worth.low());
    monthlyHigh = monthlyHigh.add(worth.high());
    yearlyLow = yearlyLow.add(worth.yearlyLow());
    yearlyHigh = yearlyHigh.add(worth.yearlyHigh());
    if (earned) {
      earnedLow = earnedLow.add(worth.low());
      earnedHigh = earnedHigh.add(worth.high());
    }
  }
}
