package civitane.app.staff;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a password is to be: long, no name of its own log-in, and none that everybody tries first. */
public final class PasswordRule {
  public static final int LEAST = 12;
  private static final Set<String> COMMON = common();

  private PasswordRule() {}

  private static Set<String> common() {
    try (var stream = PasswordRule.class.getResourceAsStream("/staff/common-passwords.txt")) {
      var text = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
      return text.lines().map(String::strip).collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Why it can't be taken; empty where it can. */
  public static Optional<String> against(String login, String password) {
    var plain = password.toLowerCase(Locale.ROOT);
    if (password.length() < LEAST) {
      return Optional.of("It has at least " + LEAST + " letters, digits or signs.");
    }
    if (plain.contains(login.toLowerCase(Locale.ROOT))) {
      return Optional.of("The log-in is not a part of it.");
    }
    if (plain.chars().distinct().count() < LEAST / 3
        || COMMON.stream().anyMatch(plain::startsWith)) {
      return Optional.of(
          "It is one of those that are tried first. Take several words that do not belong together.");
    }
    return Optional.empty();
  }
}
