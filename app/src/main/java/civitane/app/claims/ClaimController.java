package civitane.app.claims;

import civitane.app.staff.May;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Claims, one at a time. */
@RestController
class ClaimController {
  private final Claims claims;
  private final Staff staff;

  ClaimController(Claims claims, Staff staff) {
    this.claims = claims;
    this.staff = staff;
  }

  /** A claim; the front desk sees where it stands, and what is wanted of whom. */
  @GetMapping("/api/claims/{number}")
  @PreAuthorize(May.SEE_CLAIMS)
  ClaimView claim(@PathVariable String number) {
    var view = claims.view(number);
    return staff.me().role() == Role.FRONT_DESK ? view.standing() : view;
  }

  /** Something to know of a claim. */
  record NoteText(String text) {}

  @PostMapping("/api/claims/{number}/notes")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView note(@PathVariable String number, @RequestBody NoteText note) {
    claims.noted(staff.me(), number, note.text());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/take")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView take(@PathVariable String number) {
    claims.take(staff.me(), number);
    return claims.view(number);
  }
}
