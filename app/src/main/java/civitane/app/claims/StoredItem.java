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
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something wanted of somebody, with a date. */
@Entity
@Table(name = "claim_item")
class StoredItem {
  static final String TAKE = "take";
  static final String DECIDE = "decide";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private UUID claimId;
  private String kind;
  private String subject;
  private String words;

  @Enumerated(EnumType.STRING)
  private Turn owner;

  private @Nullable LocalDate dueOn;
  private boolean open;
  private @Nullable Instant closedAt;

  protected StoredItem() {}

  StoredItem(
      UUID claimId,
      String kind,
      String subject,
      String words,
      Turn owner,
      @Nullable LocalDate dueOn) {
    this.claimId = claimId;
    this.kind = kind;
    this.subject = subject;
    this.words = words;
    this.owner = owner;
    this.dueOn = dueOn;
    this.open = true;
  }

  Long id() {
    return id;
  }

  UUID claimId() {
    return claimId;
  }

  String kind() {
    return kind;
  }

  String subject() {
    return subject;
  }

  String words() {
    return words;
  }

  Turn owner() {
    return owner;
  }

  @Nullable
  LocalDate dueOn() {
    return dueOn;
  }

  boolean isOpen() {
    return open;
  }

  void close(Instant at) {
    this.open = false;
    this.closedAt = at;
  }
}
