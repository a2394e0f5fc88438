package civitane.app.door;

import civitane.app.claims.ClaimView;
import civitane.app.claims.Claims;
import civitane.app.once.OnceByKey;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is written to households from the desk. */
@RestController
class AnsweringController {
  private final Answering answering;
  private final Claims claims;
  private final Staff staff;

  AnsweringController(Answering answering, Claims claims, Staff staff) {
    this.answering = answering;
    this.claims = claims;
    this.staff = staff;
  }

  /** A sentence by its word, or else a text. */
  record WrittenTo(@Nullable String phrase, @Nullable String text) {}

  @PostMapping("/api/claims/{number}/messages")
  @OnceByKey
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView write(@PathVariable String number, @RequestBody WrittenTo written) {
    answering.write(staff.me(), number, written.phrase(), written.text());
    return claims.view(number);
  }
}
