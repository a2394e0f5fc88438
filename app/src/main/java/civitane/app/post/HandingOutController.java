package civitane.app.post;

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

/** Letters into the hands of who stands at the counter; what they say is not shown. */
@RestController
class HandingOutController {
  private final HandingOut handingOut;
  private final Staff staff;

  HandingOutController(HandingOut handingOut, Staff staff) {
    this.handingOut = handingOut;
    this.staff = staff;
  }

  /** How it was seen who takes a letter along. */
  record TakenAlong(String seen) {}

  @GetMapping("/api/households/{household}/letters-here")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<HandingOut.Here> here(@PathVariable UUID household) {
    return handingOut.here(household);
  }

  @PostMapping("/api/households/{household}/letters-here/{letter}/handed-over")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<HandingOut.Here> handOut(
      @PathVariable UUID household, @PathVariable UUID letter, @RequestBody TakenAlong taken) {
    handingOut.handOut(staff.me(), household, letter, taken.seen());
    return handingOut.here(household);
  }
}
