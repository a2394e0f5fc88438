package civitane.core.awards;

import java.time.LocalDate;
import java.util.List;

/**
 * What one of a claim's decisions gives.
 *
 * @param decidedOn the day it was decided; from then on its money is what goes out
 * @param from the day its facts hold from: what it gives for the days from there on is what is due for them
 */
public record Given(LocalDate decidedOn, LocalDate from, List<Award> awards) {
  public Given {
    awards = List.copyOf(awards);
  }
}
