package civitane.app.letters;

import java.security.SecureRandom;
import org.springframework.stereotype.Component;

/** Codes that are typed by hand: three groups of four letters and digits, none of which look alike. */
@Component
public class Codes {
  private static final String ALPHABET = "23456789ABCDEFGHJKMNPQRSTVWXYZ";
  private static final int LENGTH = 12;
  private static final int GROUP = 4;

  private final SecureRandom random = new SecureRandom();

  public String fresh() {
    var code = new StringBuilder();
    for (var i = 0; i < LENGTH; i++) {
      code.append(ALPHABET.charAt(random.nextInt(ALPHABET.length())));
    }
    return grouped(code.toString());
  }

  /** A code as it is written, however it was typed. */
  public static String grouped(String typed) {
    var plain = typed.toUpperCase(java.util.Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    var grouped = new StringBuilder();
    for (var i = 0; i < plain.length(); i++) {
      if (i > 0 && i % GROUP == 0) {
        grouped.append('-');
      }
      grouped.append(plain.charAt(i));
    }
    return grouped.toString();
  }
}
