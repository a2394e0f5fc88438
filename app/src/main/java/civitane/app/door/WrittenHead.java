package civitane.app.door;

import civitane.app.problems.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;

/** A text in the head of a request, written as in an address, so that it stands in none. */
final class WrittenHead {
  private static final String UNSEEN = "[\\p{Cntrl}\\u202A-\\u202E\\u2066-\\u2069]";

  private WrittenHead() {}

  /** The text, without signs that nobody sees and no longer than it may be; empty where there is none. */
  static String of(HttpServletRequest request, String name, int longest) {
    var written = request.getHeader(name);
    if (written == null) {
      return "";
    }
    try {
      var text = URLDecoder.decode(written, StandardCharsets.UTF_8)
          .replaceAll(UNSEEN, " ")
          .strip();
      return text.substring(0, Math.min(longest, text.length()));
    } catch (IllegalArgumentException e) {
      throw Problem.wrong(name + " is not written as in an address.");
    }
  }
}
