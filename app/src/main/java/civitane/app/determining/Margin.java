package civitane.app.determining;

import civitane.packet.Fault;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;

/**
 * What a draft leads to, as the margin shows it.
 *
 * @param monthly euros a month of each income whose amount and period are known, by its id
 * @param listed how many people are listed who live here
 * @param wants the papers that will be wanted
 * @param signers the adults, and who of them has signed
 * @param adults who speak for themselves, by id
 */
public record Margin(
    List<ResultView> results,
    List<Fault> faults,
    List<Doubt> doubts,
    List<AlsoLikely> alsoLikely,
    Map<String, BigDecimal> monthly,
    int listed,
    List<Wanted> wants,
    List<Signing> signers,
    List<String> adults) {

  /** Nothing can be told of a draft that can't be read at all. */
  static Margin ofFaults(List<Fault> faults) {
    return new Margin(
        List.of(), faults, List.of(), List.of(), Map.of(), 0, List.of(), List.of(), List.of());
  }

  /** A fact that looks wrong, with the question that would settle it. */
  public record Doubt(String pointer, String words) {}

  /** A service nobody asked for yet that the facts speak for, and what is to know of it yet. */
  public record AlsoLikely(String service, String title, List<ResultView.MissingView> missing) {}

  /** A paper that will be wanted: its kind, the person or income it is for, and the services that want it. */
  public record Wanted(String kind, String of, List<String> services) {}

  /** An adult who signs, and what is wrong with the name signed. */
  public record Signing(
      String person,
      String name,
      boolean applies,
      boolean signed,
      String words,
      List<Stated> statements) {}

  /**
   * What whoever signs states.
   *
   * @param words in the language it is read in
   * @param here the same at the desk
   */
  public record Stated(String statement, String words, String here) {}
}
