package civitane.app.lodging;

import civitane.app.access.Guard;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.money.Debts;
import civitane.app.once.OnceByKey;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Lodging, and what the office knows of the household already. */
@RestController
class LodgingController {
  private final Lodging lodging;
  private final KnownHouseholds known;
  private final Applications applications;
  private final Debts debts;
  private final Guard guard;
  private final Staff staff;

  LodgingController(
      Lodging lodging,
      KnownHouseholds known,
      Applications applications,
      Debts debts,
      Guard guard,
      Staff staff) {
    this.lodging = lodging;
    this.known = known;
    this.applications = applications;
    this.debts = debts;
    this.guard = guard;
    this.staff = staff;
  }

  /** The household to take over from. */
  record From(UUID household) {}

  @PostMapping("/api/applications/{id}/lodge")
  @OnceByKey
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<ApplicationView> lodge(
      @PathVariable UUID id, @RequestHeader("If-Match") String match) {
    return lodging.lodge(staff.me().actor(), id, ApplicationView.version(match)).tagged();
  }

  @GetMapping("/api/applications/{id}/known")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<KnownHouseholds.Known> known(@PathVariable UUID id) {
    return known.of(id, guard.hiddenFrom(staff.me()));
  }

  @PostMapping("/api/applications/{id}/take-over")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ApplicationView takeOver(@PathVariable UUID id, @RequestBody From from) {
    if (!guard.maySee(staff.me(), from.household())) {
      throw Problem.notThere("The household");
    }
    return known.takeOver(staff.me(), id, from.household());
  }

  @GetMapping("/api/applications/{id}/duplicates")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<KnownHouseholds.Duplicate> duplicates(@PathVariable UUID id) {
    var hidden = guard.hiddenFrom(staff.me());
    return known.duplicates(id).stream()
        .map(one -> hidden.contains(one.household()) ? one.restricted() : one)
        .toList();
  }

  @GetMapping("/api/applications/{id}/debts")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Debts.Debt> debts(@PathVariable UUID id) {
    return applications.household(id).map(debts::of).orElse(List.of());
  }
}
