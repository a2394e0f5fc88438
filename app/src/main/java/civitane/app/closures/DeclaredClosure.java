package civitane.app.closures;

import civitane.core.time.Closure;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A closure as a senior declared it.
 *
 * @param because why, as letters and records may say it
 * @param takenBackAt when it was found not to be so; null while it stands
 */
public record DeclaredClosure(
    UUID id,
    LocalDate from,
    LocalDate until,
    String because,
    String by,
    Instant at,
    @Nullable Instant takenBackAt) {

  public Closure days() {
    return new Closure(from, until);
  }

  public boolean stands() {
    return takenBackAt == null;
  }
}
