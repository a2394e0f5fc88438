package civitane.core.services.childdental;

import civitane.core.money.Amount;
import java.util.Map;

/** What each child gets toward dental care, and all together; euros. */
public record ChildDentalAmounts(Map<String, Amount> children, Amount total) {}
