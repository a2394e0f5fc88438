package civitane.bench;

import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.HashSet;
import org.jspecify.annotations.Nullable;

/** What one income is worth, between two values where the register and the household disagree. */
public record IncomeWorth(
    Frequency frequency,
    BigDecimal periodLow,
    BigDecimal periodHigh,
    BigDecimal low,
    BigDecimal high,
    BigDecimal yearlyLow,
    BigDecimal yearlyHigh) {
  static final BigDecimal TWELVE = BigDecimal.valueOf(12);
  private static final BigDecimal TOLERANCE = new BigDecimal("0.06");
  private static final BigDecimal TOLERANCE_MONTHLY = new BigDecimal("25");
  private static final BigDecimal AFTER_FLAT_COSTS = new BigDecimal("0.80");
  private static final int WINDOW = 75;

  public boolean isDisputed() {
    return low != high;
  }

  /** Null when it can't be told. */
  public static @Nullable IncomeWorth of(Income income, Packet packet) {
    if (income.every() == null) {
      return null;
    }
    var wages = income.kind() == IncomeKind.WAGES;
    if (wages && !income.payslips().isEmpty()) {
      var opens = packet.assessedOn().minusDays(WINDOW);
      var ends = new HashSet<LocalDate>();
      var sum = BigDecimal.ZERO;
      for (var slip : income.payslips()) {
        if (slip.periodEnd().isBefore(opens) || slip.periodEnd().isAfter(packet.asOf())) {
          continue;
        }
        if (!ends.add(slip.periodEnd())) {
          return null;
        }
        sum = sum.add(slip.gross().toDecimal());
      }
      if (!ends.isEmpty() && ends.size() >= enough(income, packet)) {
        return agreed(
            income.every(), sum.divide(BigDecimal.valueOf(ends.size()), MathContext.DECIMAL64));
      }
    }
    if (income.takings() == null) {
      return null;
    }
    var said = income.takings().toDecimal();
    if (income.kind() == IncomeKind.SELF_EMPLOYMENT) {
      said = income.businessCosts() != null
          ? said.subtract(income.businessCosts().toDecimal()).max(BigDecimal.ZERO)
          : said.multiply(AFTER_FLAT_COSTS);
    }
    var agreed = agreed(income.every(), said);
    if (!wages || income.registerMonthly() == null) {
      return agreed;
    }
    var register = income.registerMonthly().toDecimal();
    var tolerance = register.multiply(TOLERANCE).max(TOLERANCE_MONTHLY);
    if (agreed.low.subtract(register).abs().compareTo(tolerance) <= 0) {
      return agreed;
    }
    var low = agreed.low.min(register);
    var high = agreed.low.max(register);
    return new IncomeWorth(
        Frequency.MONTHLY, low, high, low, high, low.multiply(TWELVE), high.multiply(TWELVE));
  }

  private static IncomeWorth agreed(Frequency frequency, BigDecimal used) {
    var yearly = used.multiply(BigDecimal.valueOf(frequency.periods()));
    var monthly = yearly.divide(TWELVE, 2, RoundingMode.HALF_UP);
    return new IncomeWorth(frequency, used, used, monthly, monthly, yearly, yearly);
  }

  /** How many payslips are enough. */
  static int enough(Income income, Packet packet) {
    var begun = income.startsOn();
    if (begun != null
        && !begun.isBefore(packet.assessedOn().minusDays(WINDOW))
        && !begun.isAfter(packet.asOf())) {
      return 1;
    }
    return income.every() == null
        ? Integer.MAX_VALUE
        : switch (income.every()) {
          case WEEKLY -> 4;
          case FORTNIGHTLY, FOUR_WEEKLY, TWICE_MONTHLY, MONTHLY -> 2;
          default -> Integer.MAX_VALUE;
        };
  }
}
