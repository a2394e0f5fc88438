package civitane.packet.form;

import civitane.packet.shape.Shape;
import java.util.List;

/**
 * A field of a form.
 *
 * @param name the place in the packet it stands for, as a JSON Pointer; with {@code #} behind it for a mark that makes
 *     an entry of a list
 * @param label what stands before it
 * @param options what can be chosen; empty for a field to be typed in
 */
record FormField(String name, String label, Shape shape, List<FormOption> options) {
  static final String MARK = "#";

  boolean isMark() {
    return name.contains(MARK);
  }
}
