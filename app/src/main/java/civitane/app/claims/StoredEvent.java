package civitane.app.claims;

import civitane.core.claims.Happened;
import civitane.core.claims.Move;
import civitane.core.claims.Turn;
import civitane.core.reasons.Reason;
import civitane.packet.KeptReasons;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that happened to a claim; never changed. */
@Entity
@Table(name = "claim_event")
class StoredEvent {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private @Nullable Long id;

  private UUID claimId;
  private Instant happenedAt;
  private String actor;

  @Enumerated(EnumType.STRING)
  private Move move;

  private String reasons;

  @Enumerated(EnumType.STRING)
  private Turn turn;

  protected StoredEvent() {}

  StoredEvent(UUID claimId, Instant happenedAt, Happened happened) {
    this.claimId = claimId;
    this.happenedAt = happenedAt;
    this.actor = happened.act().by().written();
    this.move = happened.move();
    this.reasons = KeptReasons.written(happened.act().because());
    this.turn = happened.turn();
  }

  Instant happenedAt() {
    return happenedAt;
  }

  String actor() {
    return actor;
  }

  Move move() {
    return move;
  }

  List<Reason> reasons() {
    return KeptReasons.read(reasons);
  }

  Turn turn() {
    return turn;
  }
}
