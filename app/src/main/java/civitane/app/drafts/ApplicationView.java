package civitane.app.drafts;

import civitane.app.claims.ClaimLists;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;

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
    List<ClaimLists.LodgedClaim> lodged,
    List<Letters.ListedLetter> letters) {

  /** A draft in a list. */
  public record ListedDraft(
      UUID id, String title, String updatedBy, Instant updatedAt, List<String> services) {}

  /** Answered with its version, for whoever changes it next. */
  public ResponseEntity<ApplicationView> tagged() {
    return ResponseEntity.ok().eTag("\"" + version + "\"").body(this);
  }

  /** The version that {@code If-Match} names. */
  public static int version(String match) {
    try {
      return Integer.parseInt(match.replace("\"", "").replace("W/", ""));
    } catch (NumberFormatException e) {
      throw Problem.wrong("If-Match names the version that was changed, as in \"3\".");
    }
  }
}
