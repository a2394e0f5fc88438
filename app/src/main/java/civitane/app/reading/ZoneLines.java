package civitane.app.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Looks for the lines of a machine-readable zone, which stand one below the other. */
final class ZoneLines {
  private static final Pattern LIKE_ONE = Pattern.compile("[A-Z0-9<]{28,46}");
  private static final Pattern FILLERS = Pattern.compile("<+");
  private static final int[] LENGTHS = {30, 36, 44};

  private final List<PageLine> lines;

  ZoneLines(List<PageLine> lines) {
    this.lines = lines;
  }

  record Zone(List<String> lines, Box box, double certain) {}

  Optional<Zone> find() {
    var zone = new ArrayList<String>();
    Box box = null;
    var certain = 1.0;
    for (var line : lines) {
      var text = plain(line.text());
      if (LIKE_ONE.matcher(text).matches() && text.contains("<")) {
        zone.add(text);
        box = box == null ? line.box() : box.with(line.box());
        certain = Math.min(certain, line.certain());
      }
    }
    if (box == null || zone.size() < 2 || zone.size() > 3) {
      return Optional.empty();
    }
    var length = length(zone);
    return Optional.of(
        new Zone(zone.stream().map(one -> fitted(one, length)).toList(), box, certain));
  }

  /** As it is printed, with what a picture's reader makes of fillers set right. */
  private static String plain(String text) {
    return text.replace(" ", "")
        .replace("«", "<<")
        .replace("‹", "<")
        .toUpperCase(Locale.ROOT)
        .replaceAll("(?<=<<)[KCSE](?=<)|(?<=<)[KCSE](?=<<)", "<");
  }

  private static int length(List<String> zone) {
    var longest = zone.stream().mapToInt(String::length).max().orElse(0);
    var wanted = zone.size() == 3 ? 30 : longest > 40 ? 44 : 36;
    for (var length : LENGTHS) {
      if (length == wanted) {
        return length;
      }
    }
    return longest;
  }

  /** The longest run of fillers is often read too short or too long; nothing else is touched. */
  private static String fitted(String line, int length) {
    var longest = FILLERS
        .matcher(line)
        .results()
        .max(Comparator.comparingInt(run -> run.group().length()));
    var over = line.length() - length;
    if (longest.isEmpty() || longest.get().group().length() <= over) {
      return line;
    }
    var run = longest.get();
    return line.substring(0, run.start())
        + "<".repeat(run.group().length() - over)
        + line.substring(run.end());
  }
}
