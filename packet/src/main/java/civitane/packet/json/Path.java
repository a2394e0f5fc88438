package civitane.packet.json;

import java.util.Arrays;

/** Where in a document a reader is; told as a JSON Pointer (RFC 6901) only when asked. */
public final class Path {
  private static final int USUAL_DEPTH = 16;

  private Object[] steps;
  private int depth;

  public Path() {
    this(new Object[USUAL_DEPTH], 0);
  }

  private Path(Object[] steps, int depth) {
    this.steps = steps;
    this.depth = depth;
  }

  public void enter(String key) {
    step(key);
  }

  public void enter(int index) {
    step(index);
  }

  private void step(Object step) {
    if (depth == steps.length) {
      steps = Arrays.copyOf(steps, depth * 2);
    }
    steps[depth++] = step;
  }

  public void leave() {
    depth--;
  }

  public int depth() {
    return depth;
  }

  /** The same place, which stays when this goes on. */
  public Path here() {
    return new Path(Arrays.copyOf(steps, depth + 1), depth);
  }

  public String pointer() {
    var pointer = new StringBuilder();
    for (var i = 0; i < depth; i++) {
      pointer.append('/').append(String.valueOf(steps[i]).replace("~", "~0").replace("/", "~1"));
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
