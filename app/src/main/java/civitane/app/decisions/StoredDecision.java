package civitane.app.decisions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was decided on a claim, on which determination, by whom. */
@Entity
@Table(name = "decision")
class StoredDecision {
  @Id
  private UUID id;

  private UUID claimId;
  private UUID determinationId;
  private String outcome;
  private @Nullable String reason;
  private String decidedBy;
  private Instant decidedAt;

  protected StoredDecision() {}

  StoredDecision(
      UUID claimId,
      UUID determinationId,
      String outcome,
      @Nullable String reason,
      String decidedBy,
      Instant decidedAt) {
    this.id = UUID.randomUUID();
    this.claimId = claimId;
    this.determinationId = determinationId;
    this.outcome = outcome;
    this.reason = reason;
    this.decidedBy = decidedBy;
    this.decidedAt = decidedAt;
  }

  String outcome() {
    return outcome;
  }

  @Nullable
  String reason() {
    return reason;
  }

  String decidedBy() {
    return decidedBy;
  }

  Instant decidedAt() {
    return decidedAt;
  }
}
