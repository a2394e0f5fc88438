package civitane.app.changes;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** That somebody of a household has died, and who goes on. */
@RestController
class DeathController {
  private final Deaths deaths;
  private final Staff staff;

  DeathController(Deaths deaths, Staff staff) {
    this.deaths = deaths;
    this.staff = staff;
  }

  /** @param told who told it, or what shows it */
  record ReportedDeath(UUID person, @Nullable LocalDate on, String told) {}

  /** @param goesOn null where nobody does */
  record WhoGoesOn(UUID person, @Nullable UUID goesOn, String because) {}

  @GetMapping("/api/households/{household}/deaths")
  @PreAuthorize(May.WORK_CLAIMS)
  DeathsView deaths(@PathVariable UUID household) {
    return deaths.of(household);
  }

  @PostMapping("/api/households/{household}/deaths")
  @PreAuthorize(May.WORK_CLAIMS)
  DeathsView died(@PathVariable UUID household, @RequestBody ReportedDeath death) {
    deaths.report(staff.me(), household, death.person(), death.on(), death.told());
    return deaths.of(household);
  }

  @PostMapping("/api/households/{household}/deaths/goes-on")
  @PreAuthorize(May.WORK_CLAIMS)
  DeathsView goesOn(@PathVariable UUID household, @RequestBody WhoGoesOn one) {
    deaths.goesOn(staff.me(), household, one.person(), one.goesOn(), one.because());
    return deaths.of(household);
  }
}
