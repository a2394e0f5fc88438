package civitane.app.copies;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** A claim, or all that is kept of somebody, as one file. */
@RestController
class CopyController {
  private final Copies copies;
  private final PersonCopies people;
  private final Staff staff;

  CopyController(Copies copies, PersonCopies people, Staff staff) {
    this.copies = copies;
    this.people = people;
    this.staff = staff;
  }

  @GetMapping("/api/claims/{number}/copy")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<StreamingResponseBody> copy(@PathVariable String number) {
    var by = staff.me();
    var copied = copies.of(by, number);
    return file(number, to -> copies.write(by, copied, to));
  }

  /** All that is kept of a person of a household, to be given into their hands. */
  @GetMapping("/api/households/{household}/people/{person}/copy")
  @PreAuthorize(May.HAND_OUT_COPIES)
  ResponseEntity<StreamingResponseBody> copyOfPerson(
      @PathVariable UUID household, @PathVariable UUID person) {
    var by = staff.me();
    var everything = people.of(by, household, person);
    return file("everything", to -> people.write(by, everything, to));
  }

  private static ResponseEntity<StreamingResponseBody> file(
      String name, StreamingResponseBody written) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name + ".zip").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(written);
  }
}
