package civitane.core.services.schoolmeals;

import java.time.LocalDate;
import java.util.Map;

/**
 * What School Meals come to.
 *
 * @param children what each child's meals cost
 * @param until the last day of it
 * @param nearLimit whether the income lies so near a limit that it is checked first
 */
public record SchoolMealsAmounts(Map<String, Tier> children, LocalDate until, boolean nearLimit) {}
