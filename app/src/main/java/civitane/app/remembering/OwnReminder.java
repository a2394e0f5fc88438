package civitane.app.remembering;

import java.time.LocalDate;
import java.util.UUID;

/**
 * Something that somebody wants to be told of again, and nobody else.
 *
 * @param claim the number of the claim it is about
 * @param on the day from which on it is told
 */
record OwnReminder(UUID id, String claim, LocalDate on, String words) {}
