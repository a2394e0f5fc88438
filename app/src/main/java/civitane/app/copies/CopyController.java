package civitane.app.copies;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
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

/** A claim as one file. */
@RestController
class CopyController {
  private final Copies copies;
  private final Staff staff;

  CopyController(Copies copies, Staff staff) {
    this.copies = copies;
    this.staff = staff;
  }

  @GetMapping("/api/claims/{number}/copy")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<StreamingResponseBody> copy(@PathVariable String number) {
    var by = staff.me();
    var copied = copies.of(by, number);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(number + ".zip").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(to -> copies.write(by, copied, to));
  }
}
