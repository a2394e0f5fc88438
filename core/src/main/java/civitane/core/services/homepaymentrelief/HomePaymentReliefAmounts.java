package civitane.core.services.homepaymentrelief;

import civitane.core.money.Amount;

/**
 * What Home Payment Relief comes to, in euros.
 *
 * @param need what is due by the lender's figure, else by the owner's word
 * @param award what is paid, other charges included, at most the cap
 * @param differs whether the two are far apart
 * @param stale whether the lender's figure is old
 */
public record HomePaymentReliefAmounts(Amount need, Amount award, boolean differs, boolean stale) {}
