package civitane.app.messages;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A message that waits to be sent.
 *
 * @param household whom it is about; null while the office does not know them
 * @param letter the one it tells of; null where it tells of none
 * @param notAfter from when on it is of no use; null where it always is
 */
record Message(
    UUID id,
    @Nullable UUID household,
    Channel channel,
    String to,
    String text,
    @Nullable UUID letter,
    @Nullable Instant notAfter) {}
