package civitane.app.audit;

import civitane.app.staff.May;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The audit log, for the auditor. */
@RestController
class AuditController {
  private final AuditLog log;

  AuditController(AuditLog log) {
    this.log = log;
  }

  @GetMapping("/api/audit/verification")
  @PreAuthorize(May.AUDIT)
  AuditLog.Verification verification() {
    return log.verify();
  }
}
