package civitane.app.staff;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Somebody who works here. */
@Entity
@Table(name = "staff")
class StaffMember {
  @Id
  private String login;

  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private String passwordHash;
  private boolean disabled;
  private @Nullable String street;
  private @Nullable Instant handedOutUntil;
  private @Nullable Instant passwordChangedAt;
  private boolean changeKnown = true;

  protected StaffMember() {}

  StaffMember(String login, String name, Role role, String passwordHash) {
    this.login = login;
    this.name = name;
    this.role = role;
    this.passwordHash = passwordHash;
  }

  String login() {
    return login;
  }

  String name() {
    return name;
  }

  Role role() {
    return role;
  }

  String passwordHash() {
    return passwordHash;
  }

  /** Whether somebody does not get in any more, though what they did stays theirs. */
  boolean isDisabled() {
    return disabled;
  }

  void disable() {
    disabled = true;
  }

  /** Who looks at households of their own street stands out. */
  void livesIn(String street) {
    this.street = street;
  }

  void becomes(Role other) {
    role = other;
  }

  /** A password of one's own: whoever it is learns that it changed when they next sign in. */
  void takes(String hash, Instant now) {
    // Who had to take one knows of it.
    changeKnown = handedOutUntil != null;
    passwordHash = hash;
    passwordChangedAt = now;
    handedOutUntil = null;
  }

  /** A password that somebody else chose: it lets in again, to take one of one's own, until then. */
  void isHanded(String hash, Instant until) {
    passwordHash = hash;
    handedOutUntil = until;
    disabled = false;
  }

  /** Until when the password that somebody else chose opens anything; empty where it is one's own. */
  Optional<Instant> handedOutUntil() {
    return Optional.ofNullable(handedOutUntil);
  }

  /** When the password was changed, as long as whose it is has not said that they know. */
  Optional<Instant> changeToTell() {
    return changeKnown ? Optional.empty() : Optional.ofNullable(passwordChangedAt);
  }

  void knowsOfTheChange() {
    changeKnown = true;
  }
}
