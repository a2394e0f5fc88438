package civitane.app.changes;

import civitane.app.catalogue.DeskWords;
import civitane.app.letters.LetterText.Figure;
import civitane.app.lodging.ReadThrough;
import civitane.core.facts.Packet;
import java.util.ArrayList;
import java.util.List;

/** What a household tells otherwise than before, line by line. */
final class ChangedLines {
  private ChangedLines() {}

  /** Each line that is not as it was: as it was and as it is, or only one of them. */
  static List<String> of(Packet before, Packet after) {
    var was = lines(before);
    var is = lines(after);
    var gone = new ArrayList<>(was);
    gone.removeAll(is);
    var fresh = new ArrayList<>(is);
    fresh.removeAll(was);
    var changed = new ArrayList<String>();
    for (var line : fresh) {
      var old = gone.stream().filter(one -> one.label().equals(line.label())).findFirst();
      old.ifPresent(gone::remove);
      changed.add(
          line.label() + ": " + old.map(one -> one.value() + " → ").orElse("") + line.value());
    }
    gone.forEach(line -> changed.add(line.label() + ": " + line.value() + " → —"));
    return changed;
  }

  private static List<Figure> lines(Packet packet) {
    return ReadThrough.masked(packet, DeskWords.WORDS).stream()
        .flatMap(section -> section.lines().stream())
        .toList();
  }
}
