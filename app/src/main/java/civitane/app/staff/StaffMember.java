package civitane.app.staff;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

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
}
