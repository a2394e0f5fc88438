package civitane.app.claims;

import civitane.core.claims.Turn;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Something that happened to a claim, and whose turn it was from then on. */
@Entity
@Table(name = "claim_event")
class StoredEvent {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private UUID claimId;
  private Instant happenedAt;
  private String actor;
  private String kind;
  private String words;

  @Enumerated(EnumType.STRING)
  private Turn turn;

  protected StoredEvent() {}

  StoredEvent(
      UUID claimId, Instant happenedAt, String actor, String kind, String words, Turn turn) {
    this.claimId = claimId;
    this.happenedAt = happenedAt;
    this.actor = actor;
    this.kind = kind;
    this.words = words;
    this.turn = turn;
  }

  Long id() {
    return id;
  }

  UUID claimId() {
    return claimId;
  }

  Instant happenedAt() {
    return happenedAt;
  }

  String actor() {
    return actor;
  }

  String kind() {
    return kind;
  }

  String words() {
    return words;
  }

  Turn turn() {
    return turn;
  }
}
