package civitane.core.ledger;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who was of a household and is of another.
 *
 * @param household the one they are of
 * @param since the first day they are of it; null where they always were, as far as anybody asks
 */
public record MovedOut(
    UUID person, UUID household, @Nullable LocalDate since) {}
