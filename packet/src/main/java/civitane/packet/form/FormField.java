package civitane.packet.form;

import civitane.packet.shape.Shape;
import java.util.List;

/**
 * A field of a form.
 *
 * @param name the place in the packet it stands for, as a JSON Pointer; with {@code #} behind it for a mark that makes
 *     an entry of a list
 * @param label what stands before it
 * @param asked the same as it is said where there is room for it, without the number of its row
 * @param options what can be chosen; empty for a field to be typed in
 * @param proposed what is proposed to be typed in; another answer may be given as well
 */
record FormField(
    String name,
    String label,
    String asked,
    Shape shape,
    List<FormOption> options,
    List<FormOption> proposed) {
  static final String MARK = "#";

  FormField(String name, String label, Shape shape, List<FormOption> options) {
    this(name, label, label, shape, options, List.of());
  }

  /** The same in a row that has a number. */
  FormField inRow(String numbered) {
    return new FormField(name, numbered, asked, shape, options, proposed);
  }

  /** The same with answers that are proposed. */
  FormField proposing(List<FormOption> answers) {
    return new FormField(name, label, asked, shape, options, answers);
  }

  boolean isMark() {
    return name.contains(MARK);
  }
}
