package civitane.app.lodging;

import civitane.app.drafts.Applications;
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

/** Who is asked to sign later. */
@RestController
class SigningController {
  private final SigningRequests signing;
  private final Applications applications;
  private final Staff staff;

  SigningController(SigningRequests signing, Applications applications, Staff staff) {
    this.signing = signing;
    this.applications = applications;
    this.staff = staff;
  }

  /** Who is asked to sign later. */
  record Signer(String person, String name) {}

  @GetMapping("/api/applications/{id}/signing-requests")
  @PreAuthorize(May.SEE_CLAIMS)
  List<SigningRequests.AskedSigner> signers(@PathVariable UUID id) {
    return signing.of(id);
  }

  @PostMapping("/api/applications/{id}/signing-requests")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  SigningRequests.FreshSigner askToSign(@PathVariable UUID id, @RequestBody Signer signer) {
    applications.view(id);
    return signing.make(staff.me(), id, signer.person(), signer.name());
  }
}
