package civitane.core.facts;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Money that comes in to one person from one source, before tax.
 *
 * @param amount euros a period, as said; an hourly wage has a rate and hours instead
 * @param businessCosts costs of self-employment in the same period
 * @param registerMonthly what the wage register answered, a month
 * @param hourlyRate euros an hour, with {@code hoursPerWeek}
 */
public record Income(
    @Required String id,
    @Required @As(Form.PERSON) String person,
    @Required IncomeKind kind,
    @Nullable Amount amount,
    @Nullable Frequency frequency,
    @Outside(PartyKind.EMPLOYER) @Nullable String employer,
    @Nullable LocalDate startsOn,
    @Nullable LocalDate endsOn,
    @Nullable Amount businessCosts,
    List<Payslip> payslips,
    @Nullable Amount registerMonthly,
    @Nullable Amount hourlyRate,
    @As(Form.NUMBER) @Nullable Amount hoursPerWeek) {

  public Income {
    payslips = Lists.of(payslips);
  }

  public static Income of(
      String id, String person, IncomeKind kind, Amount amount, Frequency frequency) {
    return new Income(
        id, person, kind, amount, frequency, null, null, null, null, List.of(), null, null, null);
  }

  /** Euros a period: the amount said or, by the hour, rate times hours a week, exactly. */
  public @Nullable Amount takings() {
    if (hourlyRate == null) {
      return amount;
    }
    return hoursPerWeek == null ? null : hourlyRate.times(hoursPerWeek);
  }

  /** How often it comes in; a wage by the hour is weekly. */
  public @Nullable Frequency every() {
    return hourlyRate == null ? frequency : Frequency.WEEKLY;
  }

  /** Whether it comes again and again on that day; an unknown frequency is taken to recur until it is known. */
  public boolean isRecurringOn(LocalDate day) {
    return frequency != Frequency.ONCE
        && (startsOn == null || !startsOn.isAfter(day))
        && (endsOn == null || endsOn.isAfter(day));
  }
}
