package civitane.app.decisions;

import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Notices before a household gets less. */
@RestController
class NoticeController {
  private final Notices notices;
  private final Claims claims;
  private final Staff staff;

  NoticeController(Notices notices, Claims claims, Staff staff) {
    this.notices = notices;
    this.claims = claims;
    this.staff = staff;
  }

  /** Which version of the claim was looked at. */
  record NoticeOn(int version) {}

  /** What they say to it, on which version of the claim. */
  record NoticeAnswer(int version, String because) {}

  @PostMapping("/api/claims/{number}/notice")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView tell(@PathVariable String number, @RequestBody NoticeOn on) {
    notices.tell(staff.me(), number, on.version());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/notice/preview")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<byte[]> noticePreview(@PathVariable String number) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(notices.preview(number));
  }

  @PostMapping("/api/claims/{number}/notice/answer")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView answered(@PathVariable String number, @RequestBody NoticeAnswer answer) {
    notices.answered(staff.me(), number, answer.version(), answer.because());
    return claims.view(number);
  }
}
