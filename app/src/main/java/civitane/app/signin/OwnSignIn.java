package civitane.app.signin;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.PasswordRule;
import civitane.app.staff.PasswordStrength;
import civitane.app.staff.Staff;
import civitane.app.staff.StaffSessions;
import civitane.app.staff.WayIn;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody does about their own log-in: another password, and an end to where else they are signed in. */
@Service
class OwnSignIn {
  private final Staff staff;
  private final StaffSessions sessions;
  private final AuditLog audit;
  private final boolean byPassword;

  OwnSignIn(Staff staff, StaffSessions sessions, AuditLog audit, ObjectProvider<WayIn> ways) {
    this.staff = staff;
    this.sessions = sessions;
    this.audit = audit;
    this.byPassword = ways.getIfAvailable() == null;
  }

  /** Whether passwords are kept here, and not by the office's own server. */
  boolean isByPassword() {
    return byPassword;
  }

  List<StaffSessions.Since> sessions(String login, String session) {
    return sessions.of(login, session);
  }

  /** @throws Problem where that is not the password that holds now, or none is kept here */
  @Transactional(readOnly = true)
  void prove(String login, String now) {
    if (!byPassword) {
      throw Problem.wrong("Passwords are kept by the office's own server, and changed there.");
    }
    if (!staff.opens(login, now)) {
      throw Problem.wrong("The password that holds now is not right.");
    }
  }

  /**
   * Takes another password of somebody who has shown the one that holds now, and ends every other session; this one too
   * where the password was one that somebody else chose.
   *
   * @throws Problem where it can't be taken
   */
  @Transactional
  void password(String login, String session, String another) {
    if (staff.opens(login, another)) {
      throw Problem.wrong("That is the password that holds now.");
    }
    PasswordRule.against(login, another).ifPresent(against -> {
      throw Problem.wrong("The password can't be taken. " + against);
    });
    if (staff.isToTakeOne(login)) {
      // What is signed in with the one that somebody else chose opens nothing: one signs in anew.
      sessions.end(login);
    } else {
      sessions.endOthers(login, session);
    }
    staff.takes(login, another);
    audit.record(login, "own password changed", login, "");
  }

  /** How hard a password would be to find, and whether it would be taken. */
  Strength strength(String login, String typed) {
    return new Strength(
        PasswordStrength.of(login, typed), PasswordRule.against(login, typed).orElse(null));
  }

  /** @param against why it would not be taken; null where it would be */
  record Strength(PasswordStrength strength, @Nullable String against) {}

  @Transactional
  void knowsOfTheChange(String login) {
    staff.knowsOfTheChange(login);
    audit.record(login, "password change known", login, "");
  }

  @Transactional
  void endOthers(String login, String session) {
    var ended = sessions.endOthers(login, session);
    audit.record(login, "signed out elsewhere", login, Integer.toString(ended));
  }
}
