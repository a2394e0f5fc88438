package civitane.packet.json;

import java.util.ArrayList;
import java.util.List;

/** Where in a document a reader is; told as a JSON Pointer (RFC 6901) only when asked. */
public final class Path {
  private final List<Object> steps = new ArrayList<>();

  public void enter(String key) {
    steps.add(key);
  }

  public void enter(int index) {
    steps.add(index);
  }

  public void leave() {
    steps.remove(steps.size() - 1);
  }

  public int depth() {
    return steps.size();
  }

  public String pointer() {
    var pointer = new StringBuilder();
    for (var step : steps) {
      pointer.append('/').append(String.valueOf(step).replace("~", "~0").replace("/", "~1"));
    }
    return pointer.toString();
  }

  /** The pointer of a key below here. */
  public String pointer(String key) {
    enter(key);
    var pointer = pointer();
    leave();
    return pointer;
  }
}
