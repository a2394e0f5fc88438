package civitane.app.claims;

import civitane.core.claims.Step;
import civitane.core.claims.Turn;
import java.time.LocalDate;
import java.util.List;

/** So many claims with one next step, of one turn, press on a day. */
record Falling(Step step, Turn turn, LocalDate on, long claims) {

  /** What is counted. */
  List<Object> what() {
    return List.of(step, turn, on);
  }

  Falling less(long some) {
    return new Falling(step, turn, on, claims - some);
  }
}
