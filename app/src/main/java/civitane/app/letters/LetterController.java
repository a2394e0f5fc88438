package civitane.app.letters;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Letters as they went out. */
@RestController
class LetterController {
  private final Letters letters;
  private final Staff staff;

  LetterController(Letters letters, Staff staff) {
    this.letters = letters;
    this.staff = staff;
  }

  @GetMapping("/api/letters/{id}")
  @PreAuthorize(May.READ_FACTS)
  ResponseEntity<byte[]> letter(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(letters.pdf(staff.me().actor(), id));
  }
}
