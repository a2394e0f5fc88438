package civitane.app.forms;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.words.Language;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Forms that others fill in. */
@RestController
class FormOutController {
  private final FormsOut forms;
  private final Staff staff;

  FormOutController(FormsOut forms, Staff staff) {
    this.forms = forms;
    this.staff = staff;
  }

  /** A form for somebody else: which, about whom, who fills it in, and in what language they read it. */
  record Other(
      String kind, String person, String to, @Nullable String language) {}

  @GetMapping("/api/applications/{id}/forms-out")
  @PreAuthorize(May.SEE_CLAIMS)
  List<FormsOut.Out> formsOut(@PathVariable UUID id) {
    return forms.of(id);
  }

  /** The forms that went out for a claim, and those that could. */
  @GetMapping("/api/claims/{number}/forms-out")
  @PreAuthorize(May.READ_FACTS)
  FormsOut.OfClaim formsOutOf(@PathVariable String number) {
    return forms.ofClaim(number);
  }

  @PostMapping("/api/claims/{number}/forms-out")
  @PreAuthorize(May.WORK_CLAIMS)
  FormsOut.Out formOutFor(@PathVariable String number, @RequestBody Other other) {
    return forms.makeFor(
        staff.me(),
        number,
        other.kind(),
        other.person(),
        other.to(),
        Language.of(other.language()));
  }

  @PostMapping("/api/applications/{id}/forms-out")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  FormsOut.Out formOut(@PathVariable UUID id, @RequestBody Other other) {
    return forms.make(
        staff.me(), id, other.kind(), other.person(), other.to(), Language.of(other.language()));
  }

  @GetMapping("/api/forms-out/{id}")
  @PreAuthorize(May.SEE_CLAIMS)
  ResponseEntity<byte[]> formOutPdf(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(forms.pdf(staff.me(), id));
  }
}
