package civitane.bench;

import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Role;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Period;

/**
 * The income rule of School Meals as straight-line Java that explains nothing: the floor that the rules are held against.
 *
 * <p>It knows the rates of one book and neither payslips, registers nor gaps.
 */
final class MealsFloor {
  private static final BigDecimal BASE = new BigDecimal("13200");
  private static final BigDecimal FREE = new BigDecimal("1.20");
  private static final BigDecimal REDUCED = new BigDecimal("1.70");
  private static final int HEAVIER_FROM = 14;

  private MealsFloor() {}

  /** 0 free, 1 reduced, 2 full. */
  static int tier(Packet packet) {
    var household = packet.household();
    var need = BASE.multiply(weight(packet, household));
    Frequency one = null;
    var same = true;
    var yearly = BigDecimal.ZERO;
    var sum = BigDecimal.ZERO;
    for (var income : household.incomes()) {
      if (income.kind() == IncomeKind.LOAN || income.frequency() == Frequency.ONCE) {
        continue;
      }
      same &= one == null || one == income.frequency();
      one = income.frequency();
      var amount = income.amount().toDecimal();
      sum = sum.add(amount);
      yearly = yearly.add(amount.multiply(BigDecimal.valueOf(income.frequency().periods())));
    }
    var periods = same && one != null ? BigDecimal.valueOf(one.periods()) : BigDecimal.ONE;
    var total = same && one != null ? sum : yearly;
    if (total.compareTo(need.multiply(FREE).divide(periods, 0, RoundingMode.CEILING)) <= 0) {
      return 0;
    }
    return total.compareTo(need.multiply(REDUCED).divide(periods, 0, RoundingMode.CEILING)) <= 0
        ? 1
        : 2;
  }

  private static BigDecimal weight(Packet packet, Household household) {
    var weight = BigDecimal.ONE;
    for (var person : household.people()) {
      if (person.role() != Role.APPLICANT) {
        var age = Period.between(person.birthDate(), packet.lodgedOn()).getYears();
        weight = weight.add(age >= HEAVIER_FROM ? new BigDecimal("0.55") : new BigDecimal("0.35"));
      }
    }
    return weight;
  }
}
