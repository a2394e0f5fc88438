package civitane.app.reading;

import java.util.List;
import java.util.stream.Collectors;

/** Words of a page that stand on one line, from the left to the right. */
record PageLine(List<PageWord> words) {
  /** A gap is wide from this part of the height of a line on; the page is taller than it is wide. */
  private static final double WIDE_GAP = 2.4;

  String text() {
    return words.stream().map(PageWord::text).collect(Collectors.joining(" "));
  }

  Box box() {
    return words.stream().map(PageWord::box).reduce(Box::with).orElseThrow();
  }

  double certain() {
    return words.stream().mapToDouble(PageWord::certain).min().orElse(0);
  }

  /** The words from one on, as a line of their own. */
  PageLine from(int word) {
    return new PageLine(words.subList(word, words.size()));
  }

  /** The words up to one, as a line of their own. */
  PageLine before(int word) {
    return new PageLine(words.subList(0, word));
  }

  /** The words up to the first wide gap: what stands in one column. */
  PageLine firstColumn() {
    for (var i = 1; i < words.size(); i++) {
      if (beginsColumn(i)) {
        return before(i);
      }
    }
    return this;
  }

  /** Whether a wide gap stands before a word. */
  boolean beginsColumn(int word) {
    var gap = words.get(word).box().left() - words.get(word - 1).box().right();
    return gap > words.get(word).box().height() * WIDE_GAP;
  }
}
