package civitane.app.remembering;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Work that somebody was called away from, to be gone on with where they were.
 *
 * @param application the application that was being taken; null where it was a claim
 * @param claim the number of the claim; null where it was an application
 * @param who the household of the claim, by its name; null for an application
 * @param service what the claim asks for; null for an application
 */
record Parked(
    UUID id,
    @Nullable UUID application,
    @Nullable String claim,
    @Nullable String who,
    @Nullable String service,
    Where where,
    Instant at) {

  /**
   * Where in it they were.
   *
   * @param part the part that was open
   * @param field the field with the cursor; null where there was none
   * @param label what that field is called, to be told it again
   * @param caret the place in its text, from 0
   */
  record Where(
      String part,
      @Nullable String field,
      @Nullable String label,
      @Nullable Integer caret) {}
}
