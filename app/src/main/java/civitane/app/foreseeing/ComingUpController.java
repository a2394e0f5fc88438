package civitane.app.foreseeing;

import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Days ahead, and what is done about them. */
@RestController
class ComingUpController {
  private final ComingUp comingUp;
  private final Staff staff;

  ComingUpController(ComingUp comingUp, Staff staff) {
    this.comingUp = comingUp;
    this.staff = staff;
  }

  /** Which day was seen to, and how. */
  record SeenTo(String what, String because) {}

  @GetMapping("/api/coming-up")
  @PreAuthorize(May.WORK_CLAIMS)
  List<ComingDay> comingUp() {
    return comingUp.all(staff.me());
  }

  @PostMapping("/api/households/{household}/coming-up/seen-to")
  @PreAuthorize(May.WORK_CLAIMS)
  List<ComingDay> seenTo(@PathVariable UUID household, @RequestBody SeenTo seen) {
    comingUp.settle(staff.me(), household, seen.what(), seen.because());
    return comingUp.all(staff.me());
  }

  @PostMapping("/api/claims/{number}/renewal")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  List<ComingDay> askToRenew(@PathVariable String number) {
    comingUp.askToRenew(staff.me(), number);
    return comingUp.all(staff.me());
  }
}
