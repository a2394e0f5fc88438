package civitane.app.finding;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The finder. What is looked for travels in the body: a name in an address is kept in logs. */
@RestController
class FinderController {
  private final Finder finder;
  private final Staff staff;

  FinderController(Finder finder, Staff staff) {
    this.finder = finder;
    this.staff = staff;
  }

  /** What was typed. */
  record LookedFor(String words) {}

  @PostMapping("/api/finder")
  @PreAuthorize(May.SEE_CLAIMS)
  Finder.FoundPeople find(@RequestBody LookedFor lookedFor) {
    return finder.find(staff.me(), lookedFor.words());
  }
}
