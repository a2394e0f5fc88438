package civitane.app.intake;

import civitane.app.claims.Claims;
import civitane.app.letters.Letters;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An application as the interface shows it. */
public record ApplicationView(
    UUID id,
    String state,
    Draft draft,
    int version,
    String updatedBy,
    Instant updatedAt,
    @Nullable String receipt,
    List<String> claims,
    List<Claims.LodgedClaim> lodged,
    List<Letters.ListedLetter> letters) {

  /** A draft in a list. */
  public record ListedDraft(
      UUID id, String title, String updatedBy, Instant updatedAt, List<String> services) {}
}
