package civitane.app.claims;

import civitane.app.staff.May;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Claims, one at a time. */
@RestController
class ClaimController {
  private final Claims claims;

  ClaimController(Claims claims) {
    this.claims = claims;
  }

  @GetMapping("/api/claims/{number}")
  @PreAuthorize(May.SEE_CLAIMS)
  ClaimView claim(@PathVariable String number) {
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/take")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView take(@PathVariable String number) {
    claims.take(number);
    return claims.view(number);
  }
}
