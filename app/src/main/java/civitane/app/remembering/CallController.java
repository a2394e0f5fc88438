package civitane.app.remembering;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Calls about claims. */
@RestController
class CallController {
  private final Calls calls;
  private final Staff staff;

  CallController(Calls calls, Staff staff) {
    this.calls = calls;
    this.staff = staff;
  }

  @PostMapping("/api/claims/{number}/calls")
  @PreAuthorize(May.WORK_CLAIMS)
  void call(@PathVariable String number, @RequestBody Calls.Call call) {
    calls.note(staff.me(), number, call);
  }
}
