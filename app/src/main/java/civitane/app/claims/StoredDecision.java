package civitane.app.claims;

import civitane.core.claims.Decision;
import civitane.core.claims.DecisionKind;
import civitane.core.claims.DecisionState;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A decision in the chain of a claim. */
@Embeddable
record StoredDecision(
    @Enumerated(EnumType.STRING) DecisionKind kind,
    boolean grants,
    UUID determinationId,
    @Nullable String reason,
    String decidedBy,
    LocalDate decidedOn,
    @Nullable String secondBy,
    @Enumerated(EnumType.STRING) DecisionState state) {

  static StoredDecision of(Decision decision) {
    return new StoredDecision(
        decision.kind(),
        decision.grants(),
        decision.determination(),
        decision.reason(),
        decision.by(),
        decision.on(),
        decision.secondBy(),
        decision.state());
  }

  Decision decision(int id) {
    return new Decision(
        id, kind, grants, determinationId, reason, decidedBy, decidedOn, secondBy, state);
  }
}
