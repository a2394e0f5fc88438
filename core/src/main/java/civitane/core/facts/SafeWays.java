package civitane.core.facts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Where messages about a household may be sent, of which nobody else reads them. */
public final class SafeWays {
  private SafeWays() {}

  /**
   * The ways on a day, where it is told of news first: to whoever acts and gets the letters, to the applicant, to others
   * who act.
   */
  public static List<Way> of(Household household, Collection<Acting> acting, LocalDate on) {
    var ways = new ArrayList<Way>();
    var contact = household.applicant().contact();
    if (contact != null) {
      contact.safeForMessages().stream().findFirst().ifPresent(ways::add);
    }
    for (var one : acting) {
      if (one.mayBeToldOn(on)) {
        one.way().ifPresent(way -> ways.add(one.getsLetters() ? 0 : ways.size(), way));
      }
    }
    return List.copyOf(ways);
  }
}
