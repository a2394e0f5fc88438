package civitane.app.changes;

import civitane.app.drafts.ApplicationView;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Reports of changes. */
@RestController
class ChangeController {
  private final Changes changes;
  private final Staff staff;

  ChangeController(Changes changes, Staff staff) {
    this.changes = changes;
    this.staff = staff;
  }

  @PostMapping("/api/households/{household}/changes")
  @PreAuthorize(May.WORK_CLAIMS)
  ApplicationView begin(@PathVariable UUID household) {
    return changes.begin(staff.me(), household);
  }

  @PostMapping("/api/applications/{id}/report")
  @PreAuthorize(May.WORK_CLAIMS)
  ChangeReport report(@PathVariable UUID id, @RequestHeader("If-Match") String match) {
    return changes.report(staff.me(), id, ApplicationView.version(match));
  }
}
