package civitane.app.drafts;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Masked;
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

  /** The same as it goes to a browser: of numbers of people and accounts, no more than tells two apart. */
  ApplicationView masked() {
    var shown = new Draft(Masked.packet(draft.packet().deepCopy()), draft.typed(), draft.taking());
    return new ApplicationView(
        id, state, shown, version, updatedBy, updatedAt, receipt, claims, lodged, letters);
  }

  /** An answer that holds an application beside something else. */
  public interface Within {
    ApplicationView view();

    Within with(ApplicationView view);
  }

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
