package civitane.core.ledger;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * How something is recorded.
 *
 * @param by who records it
 * @param from since when it holds where it differs from what was known; null where as far back as anybody asks
 * @param freshId gives ids to new subjects
 */
public record Recording(
    EntryKind kind,
    Source source,
    String by,
    Instant at,
    @Nullable LocalDate from,
    Supplier<UUID> freshId) {}
