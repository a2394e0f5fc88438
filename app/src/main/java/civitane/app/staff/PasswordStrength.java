package civitane.app.staff;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/** How many tries a password takes that is looked for by what people choose: common ones, names, words, keys side by side. */
public enum PasswordStrength {
  /** Fewer than ten thousand million. */
  WEAK,
  /** Fewer than a hundred million million. */
  ENOUGH,
  STRONG;

  private static final double ENOUGH_FROM = 10;
  private static final double STRONG_FROM = 14;

  /** What follows makes it no weaker, and takes long to look through. */
  private static final int LOOKED_AT = 64;

  private static final Zxcvbn MEASURE = new Zxcvbn();
  private static final List<String> OURS = ours();

  private static List<String> ours() {
    try (var stream = PasswordStrength.class.getResourceAsStream("/staff/tried-first.txt")) {
      return new String(stream.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** That of a password of somebody, whose log-in is tried before all others. */
  public static PasswordStrength of(String login, String password) {
    var looked = password.substring(0, Math.min(LOOKED_AT, password.length()));
    var known = Stream.concat(Stream.of(login), OURS.stream()).toList();
    var digits = MEASURE.measure(looked, known).getGuessesLog10();
    if (digits < ENOUGH_FROM) {
      return WEAK;
    }
    return digits < STRONG_FROM ? ENOUGH : STRONG;
  }
}
