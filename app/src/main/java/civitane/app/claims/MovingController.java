package civitane.app.claims;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Handing claims over, more time, and the ways a claim ends without a decision. */
@RestController
class MovingController {
  private final Moving moving;
  private final Claims claims;
  private final Staff staff;

  MovingController(Moving moving, Claims claims, Staff staff) {
    this.moving = moving;
    this.claims = claims;
    this.staff = staff;
  }

  /** Somebody of the office. */
  record Member(String login, String name, String role) {}

  /** To whom a claim goes, and why. */
  record HandOver(int version, String to, String because) {}

  /** Until when there is more time, and why. */
  record MoreTime(int version, LocalDate until, String because) {}

  /** Why it is done, on which version of the claim. */
  record Ending(int version, String because) {}

  /** Who works claims. */
  @GetMapping("/api/staff")
  @PreAuthorize(May.WORK_CLAIMS)
  List<Member> colleagues() {
    return staff.whoWorkClaims().stream()
        .map(one -> new Member(one.login(), one.name(), one.role().words()))
        .toList();
  }

  @PostMapping("/api/claims/{number}/hand-over")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView handOver(@PathVariable String number, @RequestBody HandOver over) {
    moving.handOver(staff.me(), number, over.version(), over.to(), over.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/items/{item}/more-time")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView moreTime(
      @PathVariable String number, @PathVariable int item, @RequestBody MoreTime more) {
    moving.moreTime(staff.me(), number, more.version(), item, more.until(), more.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/withdrawn")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView withdraw(@PathVariable String number, @RequestBody Ending ending) {
    moving.withdraw(staff.me(), number, ending.version(), ending.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/lapsed")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView lapse(@PathVariable String number, @RequestBody Ending ending) {
    moving.lapse(staff.me(), number, ending.version(), ending.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/opened-again")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView openAgain(@PathVariable String number, @RequestBody Ending ending) {
    moving.openAgain(staff.me(), number, ending.version(), ending.because());
    return claims.view(number);
  }
}
