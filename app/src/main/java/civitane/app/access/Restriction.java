package civitane.app.access;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * That only named people see a household, beside the seniors.
 *
 * @param setBy the login of who restricted it
 */
public record Restriction(
    UUID household, String because, String setBy, Instant setAt, List<Named> named) {

  /**
   * Somebody who may see it.
   *
   * @param because why they had to, where they broke the glass; null where a senior named them
   */
  public record Named(String login, Instant since, @Nullable String because) {}

  /** Somebody who broke the glass, of which no senior has taken note. */
  public record Broken(UUID household, String login, Instant at, String because) {}
}
