package civitane.app.signin;

import civitane.app.audit.AuditLog;
import civitane.app.staff.Staff;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.LogoutSuccessEvent;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happens at the door, in the log. */
@Service
class SignInLog {
  private final AuditLog audit;
  private final Staff staff;

  SignInLog(AuditLog audit, Staff staff) {
    this.audit = audit;
    this.staff = staff;
  }

  /** What nobody is called is not written down: it may be a password that was typed in the wrong place. */
  @Transactional
  public void happened(String login, String what, String address) {
    audit.record(staff.knows(login) ? login : "nobody", what, "", address);
  }

  @EventListener
  @Transactional
  public void signedOut(LogoutSuccessEvent out) {
    audit.record(out.getAuthentication().getName(), "signed out", "", "");
  }
}
