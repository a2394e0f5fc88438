package civitane.app.determining;

import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import java.util.ArrayList;
import java.util.List;

/** The papers that a request will want, by kind and whose they are. */
final class Wants {
  private static final String IDENTITY = "identity:";

  private Wants() {}

  /**
   * A paper that will be wanted.
   *
   * @param kind the kind of paper, or {@code identity} for papers that show who somebody is
   * @param of the person or income it is for; empty when it is nobody's in particular
   * @param services the services that want it
   */
  record Want(String kind, String of, List<String> services) {}

  /** What all requests of a packet will want that is not there, each paper once. */
  static List<Want> of(Packet packet, Screening screening) {
    var wants = new ArrayList<Want>();
    for (var result : screening.of(packet, Mode.DETERMINE)) {
      for (var subject : missing(result)) {
        var colon = subject.indexOf(':');
        var kind = colon < 0 ? subject : subject.substring(0, colon);
        var whose = colon < 0 ? "" : subject.substring(colon + 1);
        var known = wants.stream()
            .filter(want -> want.kind().equals(kind) && want.of().equals(whose))
            .findFirst();
        if (known.isPresent()) {
          known.get().services().add(result.service());
        } else {
          wants.add(new Want(kind, whose, new ArrayList<>(List.of(result.service()))));
        }
      }
    }
    return wants;
  }

  private static List<String> missing(Result result) {
    var missing = new ArrayList<String>();
    for (var check : result.checks()) {
      for (var one : check.missing()) {
        if (check.id().equals("PAPERS") || one.subject().startsWith(IDENTITY)) {
          missing.add(one.subject());
        }
      }
    }
    return missing;
  }
}
