package civitane.core.services.valuereview;

import civitane.core.money.Amount;
import java.util.List;

/**
 * What comparable sales come to, in whole euros.
 *
 * @param adjusted each sale used, made comparable, in the order of the packet
 * @param indicated their median
 * @param suggested the lower of that and the assessed value
 */
public record ValueReviewAmounts(
    List<Amount> adjusted, Amount indicated, Amount suggested, Support support) {}
