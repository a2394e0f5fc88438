package civitane.standins;

import java.util.List;
import java.util.Map;

/** What answers questions with rows of its own. */
interface Register {
  /** All that it holds. */
  List<Map<String, String>> rows();

  /** The rows that fit, each by the names of its columns. */
  List<Map<String, String>> answer(Map<String, String> question);
}
