package civitane.app.access;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Restricting households, and seeing one all the same. */
@RestController
class AccessController {
  private final Guard guard;
  private final Staff staff;

  AccessController(Guard guard, Staff staff) {
    this.guard = guard;
    this.staff = staff;
  }

  /** Why a household is restricted, and the logins of those who may see it beside the seniors. */
  record Restricted(String because, List<String> named) {}

  /** Why somebody has to see it. */
  record HaveToSee(@Nullable String because) {}

  @PostMapping("/api/households/{household}/restriction")
  @PreAuthorize(May.SIGN_SECOND)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restrict(@PathVariable UUID household, @RequestBody Restricted restricted) {
    guard.restrict(staff.me(), household, restricted.because(), restricted.named());
  }

  @DeleteMapping("/api/households/{household}/restriction")
  @PreAuthorize(May.SIGN_SECOND)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lift(@PathVariable UUID household) {
    guard.lift(staff.me(), household);
  }

  @PostMapping("/api/claims/{number}/seen-all-the-same")
  @PreAuthorize(May.WORK_CLAIMS)
  @ThroughTheGlass
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void breakGlass(@PathVariable String number, @RequestBody HaveToSee have) {
    guard.breakGlass(staff.me(), number, have.because());
  }
}
