package civitane.app.door;

import civitane.packet.form.FormWriter;
import civitane.words.Language;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The form of what somebody began, with what they typed so far: for whoever would rather hand it in on paper. */
@RestController
class OwnFormController {
  private final Applying applying;
  private final FormWriter writer;
  private final Clock clock;

  OwnFormController(Applying applying, FormWriter writer, Clock clock) {
    this.applying = applying;
    this.writer = writer;
    this.clock = clock;
  }

  @GetMapping("/api/door/application/forms/{service}")
  @PreAuthorize("hasRole('" + Applicant.ROLE + "')")
  ResponseEntity<byte[]> ownForm(
      @AuthenticationPrincipal Applicant applicant,
      @PathVariable String service,
      @RequestParam(defaultValue = "en") String language) {
    var paper = applying.onPaper(applicant.application(), service);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(service + ".pdf").build().toString())
        .body(writer.write(
            paper.service(), paper.told(), LocalDate.now(clock), Language.of(language)));
  }
}
