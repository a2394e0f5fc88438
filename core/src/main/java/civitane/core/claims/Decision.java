package civitane.core.claims;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was decided, in the chain of a claim's decisions.
 *
 * @param determination what it stands on
 * @param reason why it is decided otherwise than computed; null where it is not
 * @param by who decided it
 * @param secondBy who signed second; null where nobody has
 */
public record Decision(
    int id,
    DecisionKind kind,
    boolean grants,
    UUID determination,
    @Nullable String reason,
    String by,
    LocalDate on,
    @Nullable String secondBy,
    DecisionState state) {

  Decision signedBy(String second) {
    return new Decision(
        id, kind, grants, determination, reason, by, on, second, DecisionState.STANDS);
  }

  Decision takenBack() {
    return new Decision(
        id, kind, grants, determination, reason, by, on, secondBy, DecisionState.TAKEN_BACK);
  }
}
