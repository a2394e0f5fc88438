package civitane.app.staff;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What somebody of the office may do. */
public enum Role {
  FRONT_DESK("front desk"),
  CASEWORKER("caseworker"),
  SENIOR("senior caseworker"),
  POLICY("policy officer"),
  AUDITOR("auditor");

  private final String words;

  Role(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** As it is written at the terminal and by a server that signs in: {@code front-desk}, {@code caseworker} and so on. */
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  public static Optional<Role> of(String word) {
    return Stream.of(values()).filter(role -> role.word().equals(word)).findFirst();
  }
}
