package civitane.app.production;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.PasswordRule;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log-ins of an office: who is let in with what role. Whatever changes about one ends its sessions at once. */
@Service
class StaffRoll {
  private static final String COMMAND = "at the terminal";
  private static final Pattern LOGIN = Pattern.compile("[a-z][a-z0-9.-]{1,30}");

  private final Staff staff;
  private final AuditLog audit;
  private final JdbcClient database;

  StaffRoll(Staff staff, AuditLog audit, JdbcClient database) {
    this.staff = staff;
    this.audit = audit;
    this.database = database;
  }

  @Transactional
  public void add(String login, String name, String role, String password) {
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
    fit(login, password);
    staff.add(login, name.strip(), role(role), password);
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
    staff.opensWith(login, password);
    changed(login, "staff password set");
  }

  @Transactional
  public void role(String login, String role) {
    staff.becomes(login, role(role));
    changed(login, "staff role " + role);
  }

  private void changed(String login, String what) {
    database
        .sql("delete from spring_session where principal_name = ?")
        .param(login)
        .update();
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

  /** A role as it is written at the terminal: {@code front-desk}, {@code caseworker} and so on. */
  private static Role role(String written) {
    return Stream.of(Role.values())
        .filter(role -> word(role).equals(written))
        .findFirst()
        .orElseThrow(() -> Problem.wrong("The roles are "
            + String.join(", ", Stream.of(Role.values()).map(StaffRoll::word).toList()) + "."));
  }

  static String word(Role role) {
    return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
