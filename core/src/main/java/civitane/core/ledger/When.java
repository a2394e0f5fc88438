package civitane.core.ledger;

import java.time.Instant;
import java.time.LocalDate;

/**
 * The two times a question is asked for.
 *
 * @param holdsOn the day of the world
 * @param knownAt what was recorded by then counts
 */
public record When(LocalDate holdsOn, Instant knownAt) {}
