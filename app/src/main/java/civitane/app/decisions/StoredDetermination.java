package civitane.app.decisions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A determination as it was made: the rules and rate book it was made by, the facts, the result, and a hash over all. */
@Entity
@Table(name = "determination")
class StoredDetermination {
  @Id
  private UUID id;

  private UUID claimId;
  private Instant madeAt;
  private String madeBy;
  private String rules;
  private String book;
  private String bookHash;
  private String packet;
  private String result;
  private String hash;
  private @Nullable LocalDate endsOn;

  protected StoredDetermination() {}

  /** @param endsOn the last day of what it grants; null where it grants nothing that ends */
  StoredDetermination(
      UUID claimId,
      Instant madeAt,
      String madeBy,
      Grounds grounds,
      String result,
      @Nullable LocalDate endsOn) {
    this.id = UUID.randomUUID();
    this.claimId = claimId;
    this.madeAt = madeAt;
    this.madeBy = madeBy;
    this.rules = grounds.rules();
    this.book = grounds.book();
    this.bookHash = grounds.bookHash();
    this.packet = grounds.packet();
    this.result = result;
    this.hash = grounds.hashWith(result);
    this.endsOn = endsOn;
  }

  UUID id() {
    return id;
  }

  UUID claimId() {
    return claimId;
  }

  String packet() {
    return packet;
  }

  String result() {
    return result;
  }

  /** Whether nothing of it has been changed since it was made. */
  boolean isWhole() {
    return new Grounds(rules, book, bookHash, packet).hashWith(result).equals(hash);
  }

  Instant madeAt() {
    return madeAt;
  }

  String hash() {
    return hash;
  }
}
