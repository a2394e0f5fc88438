package civitane.app.ledger;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One value as it was recorded, to be read outside of this office.
 *
 * @param about what it is of: a person, an income
 * @param kind whether it was said, shown by a paper, checked at a register, or set by the office
 * @param value as the packet writes it; null where it was recorded that it is not known, or not so
 * @param source where it comes from, as in {@code PAPER}
 * @param because the reason that was given with it, where one was
 * @param since when it holds; null where as far back as anybody asks
 * @param until the first day on which it does not hold any more; null while nobody knows one
 */
public record Recorded(
    String about,
    String field,
    String kind,
    @Nullable String value,
    String source,
    @Nullable String because,
    Instant recordedAt,
    @Nullable LocalDate since,
    @Nullable LocalDate until) {}
