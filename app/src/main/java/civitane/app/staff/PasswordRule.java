package civitane.app.staff;

import java.util.Locale;
import java.util.Optional;

/** What a password is to be: long, no name of its own log-in, and none that is found by trying what people choose. */
public final class PasswordRule {
  public static final int LEAST = 12;

  private PasswordRule() {}

  /** Why it can't be taken; empty where it can. */
  public static Optional<String> against(String login, String password) {
    if (password.length() < LEAST) {
      return Optional.of("It has at least " + LEAST + " letters, digits or signs.");
    }
    if (password.toLowerCase(Locale.ROOT).contains(login.toLowerCase(Locale.ROOT))) {
      return Optional.of("The log-in is not a part of it.");
    }
    if (PasswordStrength.of(login, password) == PasswordStrength.WEAK) {
      return Optional.of("It is one of those that are tried first, or soon."
          + " Take several words that do not belong together.");
    }
    return Optional.empty();
  }
}
