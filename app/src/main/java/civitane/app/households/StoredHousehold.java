package civitane.app.households;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A household the office knows. */
@Entity
@Table(name = "household")
class StoredHousehold {
  @Id
  private UUID id;

  private String name;
  private @Nullable String town;
  private Instant createdAt;

  @Version
  private int version;

  protected StoredHousehold() {}

  StoredHousehold(UUID id, String name, @Nullable String town, Instant createdAt) {
    this.id = id;
    this.name = name;
    this.town = town;
    this.createdAt = createdAt;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  @Nullable
  String town() {
    return town;
  }

  void isCalled(String newName, @Nullable String newTown) {
    this.name = newName;
    this.town = newTown;
  }
}
