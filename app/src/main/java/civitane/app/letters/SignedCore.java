package civitane.app.letters;

import civitane.app.signing.OfficeKey;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Base64;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What a letter comes to, signed by the office, to stand in its picture: so that it can be checked without us. The core is
 * of lines: the format's number, the kind, the number it is about, the day, its code and what is granted.
 */
@Component
class SignedCore {
  private static final String FORMAT = "1";

  /** More would make the picture too fine to be read off paper. */
  private static final int MOST_OF_A_LINE = 80;

  private final OfficeKey key;

  SignedCore(OfficeKey key) {
    this.key = key;
  }

  /** What follows the address in the picture; empty where this office signs nothing. */
  String of(LetterText text, String code, LocalDate on) {
    if (key.told().isEmpty()) {
      return "";
    }
    var core = Stream.of(
            FORMAT,
            text.kind(),
            text.about(),
            on.toString(),
            code,
            String.join("; ", text.granted()))
        .map(line -> line.substring(0, Math.min(MOST_OF_A_LINE, line.length())))
        .map(line -> line.replaceAll("\\R", " "))
        .collect(Collectors.joining("\n"))
        .getBytes(StandardCharsets.UTF_8);
    var base64 = Base64.getUrlEncoder().withoutPadding();
    var signature = Base64.getDecoder().decode(key.sign(core));
    return "#" + FORMAT + "." + base64.encodeToString(core) + "."
        + base64.encodeToString(signature);
  }
}
