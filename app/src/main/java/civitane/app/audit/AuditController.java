package civitane.app.audit;

import civitane.app.staff.May;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The audit log, for the auditor. */
@RestController
class AuditController {
  private final AuditSeal seal;

  AuditController(AuditSeal seal) {
    this.seal = seal;
  }

  @GetMapping("/api/audit/verification")
  @PreAuthorize(May.AUDIT)
  AuditSeal.Verification verification() {
    seal.seal();
    return seal.verify();
  }
}
