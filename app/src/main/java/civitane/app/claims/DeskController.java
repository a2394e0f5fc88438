package civitane.app.claims;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
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

  DeskController(Desk desk) {
    this.desk = desk;
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
            : new Desk.After(afterUrgent, afterDay, afterNumber));
  }
}
