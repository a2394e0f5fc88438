package civitane.app.claims;

import java.time.LocalDate;

/**
 * There is more time for an item.
 *
 * @param by the login of whoever gave it
 */
public record MoreTimeGiven(String number, int item, LocalDate until, String by) {}
