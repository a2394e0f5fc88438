package civitane.app.intake;

import civitane.app.money.Debts;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What helps while an application is taken: registers, what is known already, signers, forms for others, scans. */
@RestController
class TakingController {
  private final Prefilling prefilling;
  private final KnownHouseholds known;
  private final SigningRequests signing;
  private final FormsOut forms;
  private final Scans scans;
  private final Voluntary voluntary;
  private final Applications applications;
  private final Debts debts;
  private final Staff staff;

  TakingController(
      Prefilling prefilling,
      KnownHouseholds known,
      SigningRequests signing,
      FormsOut forms,
      Scans scans,
      Voluntary voluntary,
      Applications applications,
      Debts debts,
      Staff staff) {
    this.prefilling = prefilling;
    this.known = known;
    this.signing = signing;
    this.forms = forms;
    this.scans = scans;
    this.voluntary = voluntary;
    this.applications = applications;
    this.debts = debts;
    this.staff = staff;
  }

  /** The household to take over from. */
  record From(UUID household) {}

  /** Who is asked to sign later. */
  record Signer(String person, String name) {}

  /** A form for somebody else: which, about whom, and who fills it in. */
  record Other(String kind, String person, String to) {}

  private static ResponseEntity<byte[]> kept(MediaType kind, byte[] file) {
    return ResponseEntity.ok()
        .contentType(kind)
        .cacheControl(CacheControl.noStore())
        .body(file);
  }

  @PostMapping("/api/applications/{id}/registers")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  Prefilling.AskedRegisters registers(@PathVariable UUID id) {
    return prefilling.ask(staff.me(), id);
  }

  @GetMapping("/api/applications/{id}/known")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<KnownHouseholds.Known> known(@PathVariable UUID id) {
    return known.of(id);
  }

  @PostMapping("/api/applications/{id}/take-over")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ApplicationView takeOver(@PathVariable UUID id, @RequestBody From from) {
    return known.takeOver(staff.me(), id, from.household());
  }

  @GetMapping("/api/applications/{id}/duplicates")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<KnownHouseholds.Duplicate> duplicates(@PathVariable UUID id) {
    return known.duplicates(id);
  }

  @GetMapping("/api/applications/{id}/version")
  @PreAuthorize(May.SEE_CLAIMS)
  int version(@PathVariable UUID id) {
    return applications.version(id);
  }

  @GetMapping("/api/applications/{id}/debts")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Debts.Debt> debts(@PathVariable UUID id) {
    return applications.household(id).map(debts::of).orElse(List.of());
  }

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

  @GetMapping("/api/applications/{id}/forms-out")
  @PreAuthorize(May.SEE_CLAIMS)
  List<FormsOut.Out> formsOut(@PathVariable UUID id) {
    return forms.of(id);
  }

  @PostMapping("/api/applications/{id}/forms-out")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  FormsOut.Out formOut(@PathVariable UUID id, @RequestBody Other other) {
    return forms.make(staff.me(), id, other.kind(), other.person(), other.to());
  }

  @GetMapping("/api/forms-out/{id}")
  @PreAuthorize(May.SEE_CLAIMS)
  ResponseEntity<byte[]> formOutPdf(@PathVariable UUID id) {
    return kept(MediaType.APPLICATION_PDF, forms.pdf(staff.me(), id));
  }

  @GetMapping("/api/applications/{id}/scans")
  @PreAuthorize(May.SEE_CLAIMS)
  List<Scans.Page> scans(@PathVariable UUID id) {
    return scans.of(id);
  }

  @PostMapping("/api/applications/{id}/scans")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Scans.Page> scan(@PathVariable UUID id, @RequestBody byte[] file) {
    return scans.add(staff.me(), id, file);
  }

  @GetMapping("/api/scans/{id}")
  @PreAuthorize(May.SEE_CLAIMS)
  ResponseEntity<byte[]> page(@PathVariable UUID id) {
    return kept(MediaType.IMAGE_PNG, scans.png(staff.me(), id));
  }

  /** Voluntary answers; nothing says whose they are. */
  @PostMapping("/api/voluntary-answers")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  void voluntary(@RequestBody Map<String, String> answers) {
    voluntary.keep(answers);
  }

  @GetMapping("/api/voluntary-answers/counts")
  @PreAuthorize(May.COUNT)
  List<Voluntary.Count> counts() {
    return voluntary.counts();
  }
}
