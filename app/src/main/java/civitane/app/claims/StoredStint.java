package civitane.app.claims;

import civitane.core.claims.Stint;
import civitane.core.claims.Turn;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;

/** Since when it has been whose turn. */
@Embeddable
record StoredStint(
    LocalDate since, @Enumerated(EnumType.STRING) Turn turn) {

  static StoredStint of(Stint stint) {
    return new StoredStint(stint.from(), stint.turn());
  }

  Stint stint() {
    return new Stint(since, turn);
  }
}
