package civitane.app.changes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who lives in a household, and who of it died while they had asked for something.
 *
 * @param open of whom nobody says yet who goes on
 */
record DeathsView(List<Living> living, List<OpenDeath> open) {

  /** Somebody of the household, by the subject they are. */
  record Living(
      UUID person, String name, String role, @Nullable LocalDate birthDate) {}

  /** @param mayGoOn the grown-ups of the household, whom they were married to first */
  record OpenDeath(UUID person, String name, LocalDate on, List<Living> mayGoOn) {}
}
