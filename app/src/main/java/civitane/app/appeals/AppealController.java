package civitane.app.appeals;

import civitane.app.drafts.ApplicationView;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Appeals begun from a decision. */
@RestController
class AppealController {
  private final Appeals appeals;
  private final Staff staff;

  AppealController(Appeals appeals, Staff staff) {
    this.appeals = appeals;
    this.staff = staff;
  }

  @PostMapping("/api/claims/{number}/appeal")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  ApplicationView appeal(@PathVariable String number) {
    return appeals.begin(staff.me(), number);
  }
}
