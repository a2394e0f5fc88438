package civitane.app.decisions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A determination as it was made: facts, result, and the hash over both. */
@Entity
@Table(name = "determination")
class StoredDetermination {
  @Id
  private UUID id;

  private UUID claimId;
  private Instant madeAt;
  private String madeBy;
  private String packet;
  private String result;
  private String hash;

  protected StoredDetermination() {}

  StoredDetermination(
      UUID claimId, Instant madeAt, String madeBy, String packet, String result, String hash) {
    this.id = UUID.randomUUID();
    this.claimId = claimId;
    this.madeAt = madeAt;
    this.madeBy = madeBy;
    this.packet = packet;
    this.result = result;
    this.hash = hash;
  }

  UUID id() {
    return id;
  }

  String hash() {
    return hash;
  }
}
