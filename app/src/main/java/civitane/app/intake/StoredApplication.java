package civitane.app.intake;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An application: a draft saved as typed, then lodged once. */
@Entity
@Table(name = "application")
class StoredApplication {
  static final String DRAFTING = "drafting";
  static final String LODGED = "lodged";
  static final String WITHDRAWN = "withdrawn";

  @Id
  private UUID id;

  private @Nullable UUID householdId;
  private String draft;
  private String title;
  private String state;
  private String createdBy;
  private String updatedBy;
  private Instant updatedAt;
  private @Nullable Instant lodgedAt;
  private @Nullable String receipt;

  @Version
  private int version;

  protected StoredApplication() {}

  StoredApplication(UUID id, String draft, String title, String by, Instant at) {
    this.id = id;
    this.draft = draft;
    this.title = title;
    this.state = DRAFTING;
    this.createdBy = by;
    this.updatedBy = by;
    this.updatedAt = at;
  }

  UUID id() {
    return id;
  }

  @Nullable
  UUID householdId() {
    return householdId;
  }

  String draft() {
    return draft;
  }

  String title() {
    return title;
  }

  String state() {
    return state;
  }

  String updatedBy() {
    return updatedBy;
  }

  Instant updatedAt() {
    return updatedAt;
  }

  @Nullable
  String receipt() {
    return receipt;
  }

  int version() {
    return version;
  }

  void typed(String text, String called, String by, Instant at) {
    this.draft = text;
    this.title = called;
    this.updatedBy = by;
    this.updatedAt = at;
  }

  void belongsTo(UUID household) {
    this.householdId = household;
  }

  void lodged(UUID household, String receiptNumber, String text, Instant at) {
    this.householdId = household;
    this.receipt = receiptNumber;
    this.draft = text;
    this.lodgedAt = at;
    this.state = LODGED;
  }

  void withdrawn(String by, Instant at) {
    this.state = WITHDRAWN;
    this.updatedBy = by;
    this.updatedAt = at;
  }
}
