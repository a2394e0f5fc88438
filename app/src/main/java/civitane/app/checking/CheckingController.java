package civitane.app.checking;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is held against registers for a claim, and what is done about what disagrees. */
@RestController
class CheckingController {
  private final Checking checking;
  private final CheckingViews views;
  private final KnowledgeChecks knowledge;
  private final Consents consents;
  private final Staff staff;

  CheckingController(
      Checking checking,
      CheckingViews views,
      KnowledgeChecks knowledge,
      Consents consents,
      Staff staff) {
    this.checking = checking;
    this.views = views;
    this.knowledge = knowledge;
    this.consents = consents;
    this.staff = staff;
  }

  /**
   * What is done about something that disagrees.
   *
   * @param key of what is compared
   * @param seen what it was when it was looked at
   * @param askThem whether the household is asked; else it is left as it is
   */
  record Settling(int version, String key, String seen, boolean askThem, String because) {}

  @GetMapping("/api/claims/{number}/comparisons")
  @PreAuthorize(May.READ_FACTS)
  CheckingView comparisons(@PathVariable String number) {
    return views.of(number);
  }

  @PostMapping("/api/claims/{number}/comparisons")
  @PreAuthorize(May.WORK_CLAIMS)
  CheckingView settle(@PathVariable String number, @RequestBody Settling settling) {
    checking.settle(
        staff.me(),
        number,
        settling.version(),
        settling.key(),
        settling.seen(),
        settling.askThem() ? Settled.How.ASKED : Settled.How.ACCEPTED,
        settling.because());
    return views.of(number);
  }

  /**
   * That somebody allows others to be asked about them, or allows it no more.
   *
   * @param told who said so, and how
   */
  record ConsentTold(int version, String person, String to, String told) {}

  @PostMapping("/api/claims/{number}/consents")
  @PreAuthorize(May.WORK_CLAIMS)
  CheckingView noteConsent(@PathVariable String number, @RequestBody ConsentTold told) {
    consents.note(staff.me(), number, told.version(), told.person(), told.to(), told.told());
    return views.of(number);
  }

  @PostMapping("/api/claims/{number}/consents/taken-back")
  @PreAuthorize(May.WORK_CLAIMS)
  CheckingView takeBackConsent(@PathVariable String number, @RequestBody ConsentTold told) {
    consents.takeBack(staff.me(), number, told.version(), told.person(), told.to(), told.told());
    return views.of(number);
  }

  /** What somebody said who was asked; null where they did not know. */
  record KnowledgeSaid(UUID question, @Nullable String choice) {}

  /** Whether they knew. */
  record KnowledgeFound(boolean passed) {}

  @PostMapping("/api/claims/{number}/knowledge/{person}")
  @PreAuthorize(May.WORK_CLAIMS)
  KnowledgeQuestion knowledge(@PathVariable String number, @PathVariable String person) {
    return knowledge.ask(staff.me(), number, person);
  }

  @PostMapping("/api/claims/{number}/knowledge/{person}/said")
  @PreAuthorize(May.WORK_CLAIMS)
  KnowledgeFound said(
      @PathVariable String number, @PathVariable String person, @RequestBody KnowledgeSaid said) {
    return new KnowledgeFound(
        knowledge.answer(staff.me(), number, person, said.question(), said.choice()));
  }

  @PostMapping("/api/claims/{number}/registers")
  @PreAuthorize(May.WORK_CLAIMS)
  CheckingView askAgain(@PathVariable String number) {
    checking.askAgain(staff.me(), number);
    return views.of(number);
  }
}
