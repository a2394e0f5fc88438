package civitane.app.households;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.facts.Acting;
import civitane.core.facts.ActingRight;
import civitane.core.facts.LettersTo;
import civitane.core.facts.Vocabulary;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who acts for a household. */
@RestController
class ActingController {
  private final ActingFor acting;
  private final Staff staff;

  ActingController(ActingFor acting, Staff staff) {
    this.acting = acting;
    this.staff = staff;
  }

  /** Somebody who acts from now on, with what shows it. */
  record ActingTold(
      String name,
      String right,
      @Nullable String speaker,
      @Nullable String contact,
      @Nullable String shownBy,
      @Nullable String scope,
      @Nullable LocalDate until,
      boolean identityChecked,
      boolean getsLetters) {
    Acting acting() {
      if (!(Vocabulary.of(ActingRight.class).byWord().get(right) instanceof ActingRight known)) {
        throw Problem.wrong("It is not said by what right they act.");
      }
      return new Acting(
          name.strip(),
          known,
          known == ActingRight.ORGANISATION ? blank(speaker) : null,
          blank(contact),
          null,
          blank(shownBy),
          blank(scope),
          until,
          identityChecked,
          getsLetters ? LettersTo.ACTING : null);
    }

    private static @Nullable String blank(@Nullable String text) {
      return text == null || text.isBlank() ? null : text.strip();
    }
  }

  /** The last day of it, and why it ends. */
  record ActingEnds(LocalDate on, String because) {}

  @PostMapping("/api/households/{household}/acting")
  @PreAuthorize(May.WORK_CLAIMS)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void begins(@PathVariable UUID household, @RequestBody ActingTold told) {
    acting.begins(staff.me(), household, told.acting());
  }

  @PostMapping("/api/households/{household}/acting/{id}/end")
  @PreAuthorize(May.WORK_CLAIMS)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void ends(@PathVariable UUID household, @PathVariable UUID id, @RequestBody ActingEnds ends) {
    acting.ends(staff.me(), household, id, ends.on(), ends.because());
  }
}
