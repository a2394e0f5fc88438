package civitane.app.drafts;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
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

/** Paper forms that are typed from. */
@RestController
class ScanController {
  private final Scans scans;
  private final Staff staff;

  ScanController(Scans scans, Staff staff) {
    this.scans = scans;
    this.staff = staff;
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
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .cacheControl(CacheControl.noStore())
        .body(scans.png(staff.me(), id));
  }
}
