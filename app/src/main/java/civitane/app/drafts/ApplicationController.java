package civitane.app.drafts;

import civitane.app.access.Guard;
import civitane.app.determining.Margin;
import civitane.app.determining.Screenings;
import civitane.app.once.OnceByKey;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.rules.Mode;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Taking applications. */
@RestController
class ApplicationController {
  private final Applications applications;
  private final SentDrafts drafts;
  private final Screenings screenings;
  private final Guard guard;
  private final Staff staff;

  ApplicationController(
      Applications applications,
      SentDrafts drafts,
      Screenings screenings,
      Guard guard,
      Staff staff) {
    this.applications = applications;
    this.drafts = drafts;
    this.screenings = screenings;
    this.guard = guard;
    this.staff = staff;
  }

  @GetMapping("/api/applications")
  @PreAuthorize(May.SEE_CLAIMS)
  List<ApplicationView.ListedDraft> drafts() {
    return applications.drafts(guard.hiddenFrom(staff.me()));
  }

  @PostMapping("/api/applications")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<ApplicationView> begin() {
    return applications.begin(staff.me()).tagged();
  }

  @GetMapping("/api/applications/{id}")
  @PreAuthorize(May.SEE_CLAIMS)
  ResponseEntity<ApplicationView> application(@PathVariable UUID id) {
    return applications.view(id).tagged();
  }

  /** Saves a draft over the version named by {@code If-Match}. */
  @PutMapping("/api/applications/{id}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<ApplicationView> type(
      @PathVariable UUID id, @RequestHeader("If-Match") String match, @RequestBody Draft draft) {
    return applications
        .type(staff.me().actor(), id, ApplicationView.version(match), draft)
        .tagged();
  }

  /** Which number is to be shown whole. */
  record NumberAt(String place) {}

  /** A number, whole. */
  record NumberThere(String number) {}

  /** A number of a person or an account, shown whole to somebody who takes the application. */
  @PostMapping("/api/applications/{id}/number")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  NumberThere number(@PathVariable UUID id, @RequestBody NumberAt at) {
    return new NumberThere(applications.number(staff.me().actor(), id, at.place()));
  }

  @GetMapping("/api/applications/{id}/version")
  @PreAuthorize(May.SEE_CLAIMS)
  int version(@PathVariable UUID id) {
    return applications.version(id);
  }

  @DeleteMapping("/api/applications/{id}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<Void> withdraw(@PathVariable UUID id) {
    applications.withdraw(staff.me().actor(), id);
    return ResponseEntity.noContent().build();
  }

  /** What a draft leads to as it stands; nothing is kept. The application, where it is one, says whose it is. */
  @PostMapping("/api/margin")
  @PreAuthorize(May.ANY_STAFF)
  Margin margin(
      @RequestBody Draft draft, @RequestParam(required = false) @Nullable UUID application) {
    var whole = drafts.whole(staff.me(), draft, application);
    return screenings.margin(
        whole.packet(),
        new Taking(draft.taking()).reachedOn().orElse(null),
        Mode.SCREEN,
        packet -> applications.filled(packet, application));
  }

  /** Takes a packet file: without a fault it becomes a draft, else every fault is told. */
  @PostMapping("/api/packets")
  @OnceByKey
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<ApplicationView> packet(@RequestBody byte[] file) {
    var reading = screenings.read(file);
    if (reading.packet() == null) {
      throw Problem.wrong("The file can't be taken as it is.", reading.faults());
    }
    return applications.begin(staff.me(), screenings.tree(file)).tagged();
  }
}
