package civitane.core.services.rentrelief;

import civitane.core.money.Amount;

/**
 * What Rent Relief comes to.
 *
 * @param back euros for rent owed, of {@code backMonths} months
 * @param coming euros for rent to come, of {@code comingMonths} months
 * @param award euros paid, at most the cap
 */
public record RentReliefAmounts(
    Amount back, int backMonths, Amount coming, int comingMonths, Amount award, Payee payee) {}
