package civitane.app.counter;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who came to the counter today.
 *
 * @param nr the number they were given, from 1 each day
 * @param wish {@code whereItStands}, {@code bringsPapers}, {@code applies}, {@code appointment}, {@code collects} or {@code other}
 * @param household whose they are; null where nobody has looked yet
 * @param calledBy who called them; null while they wait
 */
record Arrival(
    UUID id,
    int nr,
    String name,
    String wish,
    @Nullable UUID household,
    Instant cameAt,
    @Nullable String calledBy) {}
