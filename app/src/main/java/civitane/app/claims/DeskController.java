package civitane.app.claims;

import civitane.app.access.Guard;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.claims.Step;
import civitane.core.facts.Vocabulary;
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
  private final Guard guard;
  private final Staff staff;

  DeskController(Desk desk, Guard guard, Staff staff) {
    this.desk = desk;
    this.guard = guard;
    this.staff = staff;
  }

  /**
   * A page of open claims, or of those of a round: the urgent first, then by the day that presses; after an urgency, day
   * and number.
   */
  @GetMapping("/api/desk")
  @PreAuthorize(May.SEE_CLAIMS)
  Desk.DeskPage desk(
      @RequestParam(required = false) @Nullable String round,
      @RequestParam(defaultValue = "true") boolean afterUrgent,
      @RequestParam(required = false) @Nullable LocalDate afterDay,
      @RequestParam(required = false) @Nullable String afterNumber) {
    var step = round == null ? null : Vocabulary.of(Step.class).byWord().get(round);
    if (round != null && step == null) {
      throw Problem.notThere("A round of this name");
    }
    return desk.page(
        (Step) step,
        afterDay == null || afterNumber == null
            ? Desk.After.NOTHING
            : new Desk.After(afterUrgent, afterDay, afterNumber),
        guard.hiddenFrom(staff.me()));
  }
}
