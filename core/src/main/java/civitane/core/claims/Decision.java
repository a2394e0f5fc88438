package civitane.core.claims;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was decided, in the chain of a claim's decisions.
 *
 * @param determination what it stands on
 * @param by who decided it
 * @param secondBy who signed second; null where nobody has
 */
public record Decision(
    int id,
    DecisionKind kind,
    boolean grants,
    UUID determination,
    String by,
    LocalDate on,
    @Nullable String secondBy,
    DecisionState state) {

  Decision signedBy(String second) {
    return new Decision(id, kind, grants, determination, by, on, second, DecisionState.STANDS);
  }

  Decision takenBack() {
    return new Decision(
        id, kind, grants, determination, by, on, secondBy, DecisionState.TAKEN_BACK);
  }
}
