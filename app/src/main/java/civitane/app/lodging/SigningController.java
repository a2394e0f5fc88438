package civitane.app.lodging;

import civitane.app.determining.Screenings;
import civitane.app.drafts.Applications;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is asked to sign later. */
@RestController
class SigningController {
  private final SigningRequests signing;
  private final Applications applications;
  private final Screenings screenings;
  private final Staff staff;

  SigningController(
      SigningRequests signing, Applications applications, Screenings screenings, Staff staff) {
    this.signing = signing;
    this.applications = applications;
    this.screenings = screenings;
    this.staff = staff;
  }

  /** Who signs later, and a contact of their own; none where they come to the office. */
  record Signer(String person, String name, @Nullable String contact) {}

  @GetMapping("/api/applications/{id}/signing-requests")
  @PreAuthorize(May.SEE_CLAIMS)
  List<SigningRequests.AskedSigner> signers(@PathVariable UUID id) {
    return signing.of(id);
  }

  @PostMapping("/api/applications/{id}/signing-requests")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void askToSign(@PathVariable UUID id, @RequestBody Signer signer) {
    var application = applications.drafting(id);
    var packet = screenings.readable(application.draft().packet());
    signing.make(
        staff.me(),
        id,
        signer.person(),
        signer.name(),
        signer.contact(),
        packet == null ? null : packet.household().applicant().contact());
  }
}
