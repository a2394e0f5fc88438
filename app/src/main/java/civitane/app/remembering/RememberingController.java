package civitane.app.remembering;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Notices on households and people's own reminders. */
@RestController
class RememberingController {
  private final Remembering remembering;
  private final Staff staff;

  RememberingController(Remembering remembering, Staff staff) {
    this.remembering = remembering;
    this.staff = staff;
  }

  /** A notice to be pinned, and its last day. */
  record ToPin(String words, LocalDate until) {}

  /** Something to be told of again, and when. */
  record ToRemind(String words, LocalDate on) {}

  @GetMapping("/api/households/{household}/notices")
  @PreAuthorize(May.SEE_CLAIMS)
  List<PinnedNotice> notices(@PathVariable UUID household) {
    return remembering.notices(household);
  }

  @PostMapping("/api/households/{household}/notices")
  @PreAuthorize(May.WORK_CLAIMS)
  List<PinnedNotice> pin(@PathVariable UUID household, @RequestBody ToPin notice) {
    remembering.pin(staff.me(), household, notice.words(), notice.until());
    return remembering.notices(household);
  }

  @PostMapping("/api/households/{household}/notices/{notice}/off")
  @PreAuthorize(May.WORK_CLAIMS)
  List<PinnedNotice> takeOff(@PathVariable UUID household, @PathVariable UUID notice) {
    remembering.takeOff(staff.me(), household, notice);
    return remembering.notices(household);
  }

  /** What one wants to be told of today. */
  @GetMapping("/api/reminders")
  @PreAuthorize(May.WORK_CLAIMS)
  List<OwnReminder> reminders() {
    return remembering.due(staff.me());
  }

  @GetMapping("/api/claims/{number}/reminders")
  @PreAuthorize(May.WORK_CLAIMS)
  List<OwnReminder> remindersOf(@PathVariable String number) {
    return remembering.about(staff.me(), number);
  }

  @PostMapping("/api/claims/{number}/reminders")
  @PreAuthorize(May.WORK_CLAIMS)
  List<OwnReminder> remind(@PathVariable String number, @RequestBody ToRemind reminder) {
    remembering.remind(staff.me(), number, reminder.on(), reminder.words());
    return remembering.about(staff.me(), number);
  }

  @PostMapping("/api/claims/{number}/reminders/{reminder}/done")
  @PreAuthorize(May.WORK_CLAIMS)
  List<OwnReminder> reminded(@PathVariable String number, @PathVariable UUID reminder) {
    remembering.done(staff.me(), number, reminder);
    return remembering.due(staff.me());
  }
}
