package civitane.app.door;

import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The office asks somebody to sign at the door what another lodged. */
@RestController
class SignerAtDeskController {
  private final Cosigning cosigning;
  private final Claims claims;
  private final Staff staff;

  SignerAtDeskController(Cosigning cosigning, Claims claims, Staff staff) {
    this.cosigning = cosigning;
    this.claims = claims;
    this.staff = staff;
  }

  /** Where somebody is asked, on the version of the claim that was looked at. */
  record SignerReachedAt(int version, String contact) {}

  @PostMapping("/api/claims/{number}/items/{item}/signer")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView askSignerAtDesk(
      @PathVariable String number, @PathVariable int item, @RequestBody SignerReachedAt typed) {
    cosigning.askFor(staff.me(), number, typed.version(), item, typed.contact());
    return claims.view(number);
  }
}
