package civitane.app.production;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.PasswordRule;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.app.staff.StaffSessions;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log-ins of an office: who is let in with what role. Whatever changes about one ends its sessions at once. */
@Service
class StaffRoll {
  private static final String COMMAND = "at the terminal";
  private static final int SHORTEST_STREET = 3;
  private static final Pattern LOGIN = Pattern.compile("[a-z][a-z0-9.-]{1,30}");

  private final Staff staff;
  private final AuditLog audit;
  private final StaffSessions sessions;

  StaffRoll(Staff staff, AuditLog audit, StaffSessions sessions) {
    this.staff = staff;
    this.audit = audit;
    this.sessions = sessions;
  }

  /** @param password null where nobody gets in by one */
  @Transactional
  public void add(String login, String name, String role, @Nullable String password) {
    if (!LOGIN.matcher(login).matches()) {
      throw Problem.wrong(
          "A log-in begins with a small letter; small letters, digits, dots and hyphens follow, 31 at most.");
    }
    if (staff.knows(login)) {
      throw Problem.wrong("Somebody has this log-in already.");
    }
    if (name.isBlank()) {
      throw Problem.wrong("Somebody is called by a name.");
    }
    if (password != null) {
      fit(login, password);
    }
    staff.add(
        login,
        name.strip(),
        role(role),
        password == null
            ? KeyGenerators.string().generateKey() + KeyGenerators.string().generateKey()
            : password);
    if (password != null) {
      staff.isHanded(login, password);
    }
    audit.record(COMMAND, "staff added", login, role);
  }

  @Transactional
  public void disable(String login) {
    staff.disable(login);
    changed(login, "staff disabled");
  }

  @Transactional
  public void password(String login, String password) {
    fit(login, password);
    staff.isHanded(login, password);
    changed(login, "staff password set");
  }

  @Transactional
  public void role(String login, String role) {
    staff.becomes(login, role(role));
    changed(login, "staff role " + role);
  }

  /** Where somebody lives, so that looks at their own street stand out. */
  @Transactional
  public void street(String login, String street) {
    if (street.strip().length() < SHORTEST_STREET) {
      throw Problem.wrong("A street is called by its name, without the number.");
    }
    staff.livesIn(login, street.strip());
    audit.record(COMMAND, "staff street noted", login, "");
  }

  private void changed(String login, String what) {
    sessions.end(login);
    audit.record(COMMAND, what, login, "");
  }

  List<Staff.Listed> all() {
    return staff.all();
  }

  private static void fit(String login, String password) {
    PasswordRule.against(login, password).ifPresent(against -> {
      throw Problem.wrong("The password can't be taken. " + against);
    });
  }

  private static Role role(String written) {
    return Role.of(written)
        .orElseThrow(() -> Problem.wrong("The roles are "
            + String.join(", ", Stream.of(Role.values()).map(Role::word).toList()) + "."));
  }
}
