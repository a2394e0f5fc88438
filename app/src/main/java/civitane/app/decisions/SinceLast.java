package civitane.app.decisions;

import java.time.Instant;
import java.util.List;

/**
 * What is otherwise since a claim was worked out for its last decision.
 *
 * @param at when that was
 * @param change what it came to then and comes to now
 * @param facts what of the facts is otherwise
 */
record SinceLast(Instant at, Tried change, List<FactChange> facts) {

  /** A fact that was one thing and is another. */
  record FactChange(String label, String before, String after) {}
}
