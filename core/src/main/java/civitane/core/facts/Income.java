package civitane.core.facts;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Money that comes in to one person from one source, before tax.
 *
 * @param amount euros a period; an hourly wage arrives here as rate times hours, weekly
 * @param businessCosts costs of self-employment in the same period
 * @param registerMonthly what the wage register answered, a month
 */
public record Income(
    String id,
    String person,
    IncomeKind kind,
    @Nullable Amount amount,
    @Nullable Frequency frequency,
    @Nullable String employer,
    @Nullable LocalDate startsOn,
    @Nullable LocalDate endsOn,
    @Nullable Amount businessCosts,
    List<Payslip> payslips,
    @Nullable Amount registerMonthly) {

  public Income {
    payslips = List.copyOf(payslips);
  }

  public static Income of(
      String id, String person, IncomeKind kind, Amount amount, Frequency frequency) {
    return new Income(id, person, kind, amount, frequency, null, null, null, null, List.of(), null);
  }

  /** Whether it comes again and again on that day; an unknown frequency is taken to recur until it is known. */
  public boolean isRecurringOn(LocalDate day) {
    return frequency != Frequency.ONCE
        && (startsOn == null || !startsOn.isAfter(day))
        && (endsOn == null || endsOn.isAfter(day));
  }
}
