package civitane.app.messages;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A message that waits to be sent.
 *
 * @param household whom it is about; null while the office does not know them
 * @param notAfter from when on it is of no use; null where it always is
 */
record Message(
    UUID id,
    @Nullable UUID household,
    Channel channel,
    String to,
    String text,
    @Nullable Instant notAfter) {}
