package civitane.app.claims;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.claims.Occasion;
import civitane.core.claims.OutsideDate;
import civitane.core.facts.Vocabulary;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What makes a claim press: each change names the version of the claim that was looked at. */
@RestController
class PressingController {
  private final Pressing pressing;
  private final ActingUnseen unseen;
  private final Claims claims;
  private final Staff staff;

  PressingController(Pressing pressing, ActingUnseen unseen, Claims claims, Staff staff) {
    this.pressing = pressing;
    this.unseen = unseen;
    this.claims = claims;
    this.staff = staff;
  }

  /**
   * The day that an answer should come before.
   *
   * @param what a word of occasions; null where there is no such day any more
   * @param shownBy what shows it; empty where nothing does yet
   */
  record OutsideDay(
      int version,
      @Nullable String what,
      @Nullable LocalDate on,
      @Nullable String shownBy) {
    @Nullable
    OutsideDate date() {
      if (what == null) {
        return null;
      }
      if (!(Vocabulary.of(Occasion.class).byWord().get(what) instanceof Occasion occasion)
          || on == null) {
        throw Problem.wrong("It is not said what happens, or on which day.");
      }
      return new OutsideDate(occasion, on, shownBy == null ? "" : shownBy.strip());
    }
  }

  /** A wish to hurry, and why. */
  record Wish(int version, String because) {}

  /** An answer, and why. */
  record Answered(int version, boolean yes, String because) {}

  /** The day a claim is said to have reached the office, and what shows it. */
  record ReachedOn(int version, LocalDate on, String shownBy) {}

  @PostMapping("/api/claims/{number}/outside-date")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView outside(@PathVariable String number, @RequestBody OutsideDay outside) {
    pressing.outside(staff.me(), number, outside.version(), outside.date());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/wish")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView wish(@PathVariable String number, @RequestBody Wish wish) {
    pressing.wish(staff.me(), number, wish.version(), wish.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/wish/answer")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView answerWish(@PathVariable String number, @RequestBody Answered answer) {
    pressing.answerWish(staff.me(), number, answer.version(), answer.yes(), answer.because());
    return claims.view(number);
  }

  /** That something that came up is settled, and how. */
  record Settled(int version, String because) {}

  @PostMapping("/api/claims/{number}/items/{item}/settled")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView settled(
      @PathVariable String number, @PathVariable int item, @RequestBody Settled settled) {
    pressing.settle(staff.me(), number, settled.version(), item, settled.because());
    return claims.view(number);
  }

  /** Whether whoever applied for somebody else may act for them, and what was seen of it. */
  @PostMapping("/api/claims/{number}/items/{item}/acts")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView answerActs(
      @PathVariable String number, @PathVariable int item, @RequestBody Answered answer) {
    unseen.answer(staff.me(), number, answer.version(), item, answer.yes(), answer.because());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/reached")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView reached(@PathVariable String number, @RequestBody ReachedOn reached) {
    pressing.reached(staff.me(), number, reached.version(), reached.on(), reached.shownBy());
    return claims.view(number);
  }

  @PostMapping("/api/claims/{number}/reached/answer")
  @PreAuthorize(May.WORK_CLAIMS)
  ClaimView answerReached(@PathVariable String number, @RequestBody Answered answer) {
    pressing.answerReached(staff.me(), number, answer.version(), answer.yes(), answer.because());
    return claims.view(number);
  }
}
