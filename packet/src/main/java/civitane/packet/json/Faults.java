package civitane.packet.json;

import civitane.packet.Fault;
import java.util.ArrayList;
import java.util.List;

/** The faults found so far; after a number of them the rest is only counted. */
public final class Faults {
  private static final int MOST = 500;

  private final List<Fault> found = new ArrayList<>(0);
  private int more;

  public void add(String pointer, String message, String expected) {
    if (found.size() < MOST) {
      found.add(new Fault(pointer, message, expected));
    } else {
      more++;
    }
  }

  public boolean isEmpty() {
    return found.isEmpty();
  }

  public List<Fault> list() {
    var all = new ArrayList<>(found);
    if (more > 0) {
      all.add(
          new Fault("", more + " more faults are not listed", "the faults above put right first"));
    }
    return List.copyOf(all);
  }
}
