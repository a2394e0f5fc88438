package civitane.core.services.valuereview;

import civitane.core.money.Amount;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Each sale used by its place in the packet, from 0, with its price made comparable. */
public record ValueReviewAids(@Nullable Map<Integer, Amount> sales) {}
