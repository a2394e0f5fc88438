package civitane.app.drafts;

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
public class StoredApplication {
  public static final String DRAFTING = "drafting";
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

  public UUID id() {
    return id;
  }

  @Nullable
  public UUID householdId() {
    return householdId;
  }

  public String draft() {
    return draft;
  }

  public String title() {
    return title;
  }

  public String state() {
    return state;
  }

  public String updatedBy() {
    return updatedBy;
  }

  public Instant updatedAt() {
    return updatedAt;
  }

  @Nullable
  public String receipt() {
    return receipt;
  }

  public int version() {
    return version;
  }

  void typed(String text, String called, String by, Instant at) {
    this.draft = text;
    this.title = called;
    this.updatedBy = by;
    this.updatedAt = at;
  }

  public void belongsTo(UUID household) {
    this.householdId = household;
  }

  public void lodged(UUID household, String receiptNumber, String text, Instant at) {
    this.householdId = household;
    this.receipt = receiptNumber;
    this.draft = text;
    this.lodgedAt = at;
    this.state = LODGED;
  }

  /** The change it tells of is recorded. */
  public void reported(String text, Instant at) {
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
