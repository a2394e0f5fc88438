package civitane.core.claims;

import civitane.core.reasons.Reason;
import java.time.LocalDate;
import java.util.List;

/**
 * Who does something with a claim, when, and why.
 *
 * @param because what is told with it; empty where the move says everything
 */
public record Act(Actor by, LocalDate on, List<Reason> because) {
  public Act {
    because = List.copyOf(because);
  }

  public static Act of(Actor by, LocalDate on, Reason... because) {
    return new Act(by, on, List.of(because));
  }
}
