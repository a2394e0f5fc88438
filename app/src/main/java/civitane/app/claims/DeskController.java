package civitane.app.claims;

import civitane.app.staff.May;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The Desk. */
@RestController
class DeskController {
  private final Desk desk;

  DeskController(Desk desk) {
    this.desk = desk;
  }

  /** A page of open claims, the urgent first, then by the day that presses; after an urgency, day and number. */
  @GetMapping("/api/desk")
  @PreAuthorize(May.SEE_CLAIMS)
  Desk.DeskPage desk(
      @RequestParam(defaultValue = "true") boolean afterUrgent,
      @RequestParam(required = false) @Nullable LocalDate afterDay,
      @RequestParam(required = false) @Nullable String afterNumber) {
    return desk.page(afterUrgent, afterDay, afterNumber);
  }
}
