package civitane.app.overview;

import civitane.app.staff.May;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The page of a household. */
@RestController
class OverviewController {
  private final Overview overview;

  OverviewController(Overview overview) {
    this.overview = overview;
  }

  /** A household, of which day of the world, and as known at the end of which day; today where none is said. */
  @GetMapping("/api/households/{household}")
  @PreAuthorize(May.READ_FACTS)
  HouseholdView household(
      @PathVariable UUID household,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @Nullable
          LocalDate holdsOn,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @Nullable
          LocalDate knownOn) {
    return overview.of(household, holdsOn, knownOn);
  }
}
