package civitane.core.services.householdallowance;

import civitane.core.money.Amount;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What the Household Allowance comes to.
 *
 * @param gross euros a month before deductions
 * @param net euros a month after them
 * @param monthly euros paid a month
 * @param firstMonth euros paid for the rest of the first month, in whole euros
 * @param urgent whether help can't wait; told whatever the outcome
 * @param provisional whether it is paid before the papers are in
 * @param until the day it is renewed
 */
public record HouseholdAllowanceAmounts(
    @Nullable Amount gross,
    @Nullable Amount net,
    @Nullable Amount monthly,
    @Nullable Amount firstMonth,
    @Nullable Boolean urgent,
    @Nullable Boolean provisional,
    @Nullable LocalDate until) {

  static HouseholdAllowanceAmounts knowing(@Nullable Boolean urgent) {
    return new HouseholdAllowanceAmounts(null, null, null, null, urgent, null, null);
  }
}
