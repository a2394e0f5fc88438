package civitane.app.bulk;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * How far a list of applications has got.
 *
 * @param rows how many it has
 * @param waiting how many of them nothing has become of yet
 * @param returned how many come back with their reasons
 * @param taken those that were lodged, in their order
 */
public record BatchView(
    UUID id,
    String service,
    String title,
    String sentBy,
    Instant sentAt,
    int rows,
    int waiting,
    int returned,
    List<Taken> taken) {

  /** A row that was lodged. */
  public record Taken(int row, String receipt, List<String> claims) {}
}
