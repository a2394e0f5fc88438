package civitane.app.screening;

import civitane.packet.Fault;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;

/**
 * What a draft leads to, as the margin shows it.
 *
 * @param monthly euros a month of each income whose amount and period are known, by its id
 * @param listed how many people are listed who live here
 */
public record Margin(
    List<ResultView> results,
    List<Fault> faults,
    List<Doubt> doubts,
    List<AlsoLikely> alsoLikely,
    Map<String, BigDecimal> monthly,
    int listed) {

  /** A fact that looks wrong, with the question that would settle it. */
  public record Doubt(String pointer, String words) {}

  /** A service nobody asked for yet that the facts speak for. */
  public record AlsoLikely(String service, String title, List<String> missing) {}
}
