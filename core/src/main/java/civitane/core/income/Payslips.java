package civitane.core.income;

import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.rates.IncomeCheck;
import java.time.LocalDate;

/** How many payslips it takes to know a wage. */
public final class Payslips {
  private Payslips() {}

  /** The number of payslips that are enough for a wage; more than anybody has where none is set. One is enough for a job that began in the window. */
  public static int enough(Income income, IncomeCheck check, LocalDate lodgedOn, LocalDate asOf) {
    var begun = income.startsOn();
    if (begun != null
        && !begun.isBefore(lodgedOn.minusDays(check.windowDays()))
        && !begun.isAfter(asOf)) {
      return 1;
    }
    return income.every() == null ? Integer.MAX_VALUE : enough(income.every());
  }

  private static int enough(Frequency frequency) {
    return switch (frequency) {
      case WEEKLY -> 4;
      case FORTNIGHTLY, FOUR_WEEKLY, TWICE_MONTHLY, MONTHLY -> 2;
      case QUARTERLY, YEARLY, ONCE -> Integer.MAX_VALUE;
    };
  }
}
