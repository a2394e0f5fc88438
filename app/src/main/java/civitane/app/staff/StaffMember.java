package civitane.app.staff;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
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

  /** A new password lets somebody in again. */
  void opensWith(String hash) {
    passwordHash = hash;
    disabled = false;
  }
}
