package civitane.app.remembering;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * What everybody should know who deals with a household, as in "deaf in one ear".
 *
 * @param by the name of who pinned it
 * @param until the last day on which it is shown
 */
record PinnedNotice(UUID id, String words, String by, Instant at, LocalDate until) {}
