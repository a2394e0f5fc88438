package civitane.app.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Puts what a picture's reader took for columns of their own back on the lines they stand on. */
final class Columns {
  private Columns() {}

  /** Lines whose middles are at one height, as one; from the top down. */
  static List<PageLine> joined(List<PageLine> lines) {
    var joined = new ArrayList<List<PageWord>>();
    lines.stream()
        .sorted(Comparator.comparingDouble(line -> line.box().top()))
        .forEach(line -> joined.stream()
            .filter(other -> standsBeside(new PageLine(other), line))
            .findFirst()
            .ifPresentOrElse(
                other -> other.addAll(line.words()),
                () -> joined.add(new ArrayList<>(line.words()))));
    return joined.stream()
        .map(words -> new PageLine(words.stream()
            .sorted(Comparator.comparingDouble(word -> word.box().left()))
            .toList()))
        .toList();
  }

  private static boolean standsBeside(PageLine one, PageLine other) {
    var middle = other.box().top() + other.box().height() / 2;
    return middle > one.box().top()
        && middle < one.box().bottom()
        && (other.box().left() >= one.box().right()
            || one.box().left() >= other.box().right());
  }
}
