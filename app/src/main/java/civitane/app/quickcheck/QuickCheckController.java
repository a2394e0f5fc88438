package civitane.app.quickcheck;

import civitane.app.staff.May;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A first look at a service; nothing is kept. */
@RestController
class QuickCheckController {
  private final QuickChecks quickChecks;

  QuickCheckController(QuickChecks quickChecks) {
    this.quickChecks = quickChecks;
  }

  @PostMapping("/api/quick-checks/{service}")
  @PreAuthorize(May.ANY_STAFF)
  QuickChecks.Look quickCheck(@PathVariable String service, @RequestBody QuickChecks.Told told) {
    return quickChecks.look(service, told);
  }
}
