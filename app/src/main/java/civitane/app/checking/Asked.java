package civitane.app.checking;

import civitane.core.registers.RegisterRow;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * That a register was asked something about a household.
 *
 * @param question the hash of what was asked
 * @param triedAt when it was tried last; null before the first time
 * @param rows what it answered; null as long as it has not
 */
record Asked(
    UUID id,
    String question,
    String by,
    Instant at,
    @Nullable Instant triedAt,
    @Nullable Instant answeredAt,
    @Nullable List<RegisterRow> rows) {

  boolean isAnswered() {
    return rows != null;
  }
}
