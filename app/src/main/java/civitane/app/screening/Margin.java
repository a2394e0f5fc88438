package civitane.app.screening;

import civitane.packet.Fault;
import java.util.List;

/** What a draft leads to, as the margin shows it. */
public record Margin(
    List<ResultView> results, List<Fault> faults, List<Doubt> doubts, List<AlsoLikely> alsoLikely) {

  /** A fact that looks wrong, with the question that would settle it. */
  public record Doubt(String pointer, String words) {}

  /** A service nobody asked for yet that the facts speak for. */
  public record AlsoLikely(String service, String title, List<String> missing) {}
}
