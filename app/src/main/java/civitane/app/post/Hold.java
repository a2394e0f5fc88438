package civitane.app.post;

import java.time.Instant;
import java.util.UUID;

/**
 * No more post goes to a household since a letter came back.
 *
 * @param letter the one that came back first
 */
record Hold(UUID id, UUID household, UUID letter, Instant since) {}
