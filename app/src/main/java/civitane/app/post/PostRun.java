package civitane.app.post;

import java.time.Instant;
import java.util.UUID;

/**
 * Letters that went into the post together.
 *
 * @param by who put them there, by login
 */
record PostRun(UUID id, int nr, String by, Instant at, int letters) {}
