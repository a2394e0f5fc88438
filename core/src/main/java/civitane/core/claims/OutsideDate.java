package civitane.core.claims;

import java.time.LocalDate;

/**
 * A day outside the office's hands that a claim should be answered before.
 *
 * @param shownBy what shows it: a notice, a ticket, a doctor's note; empty where it was only told
 */
public record OutsideDate(Occasion what, LocalDate on, String shownBy) {}
