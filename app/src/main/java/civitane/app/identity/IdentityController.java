package civitane.app.identity;

import civitane.app.drafts.ApplicationView;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Who the people of a claim are. */
@RestController
class IdentityController {
  private final Identities identities;
  private final Staff staff;

  IdentityController(Identities identities, Staff staff) {
    this.identities = identities;
    this.staff = staff;
  }

  /**
   * Who is to show who they are.
   *
   * @param madeClaim whether they say that the claim is theirs
   */
  record ToShow(String person, boolean madeClaim) {}

  @GetMapping("/api/claims/{number}/identity")
  @PreAuthorize(May.READ_FACTS)
  IdentityView identity(@PathVariable String number) {
    return identities.of(number);
  }

  @PostMapping("/api/claims/{number}/identity")
  @PreAuthorize(May.WORK_CLAIMS)
  ApplicationView check(@PathVariable String number, @RequestBody ToShow show) {
    return identities.check(staff.me(), number, show.person(), show.madeClaim());
  }
}
