package civitane.app.overview;

import civitane.app.access.Guard;
import civitane.app.access.Restriction;
import civitane.app.households.Households;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who had to see a restricted household, for the seniors, until one of them takes note. */
@RestController
class GlassController {
  private final Guard guard;
  private final Households households;
  private final Staff staff;

  GlassController(Guard guard, Households households, Staff staff) {
    this.guard = guard;
    this.households = households;
    this.staff = staff;
  }

  /** @param who the name of whoever has the login */
  record BrokenGlass(
      UUID household, String householdName, String login, String who, Instant at, String because) {}

  /** Of whom note is taken. */
  record NotedGlass(String login) {}

  @GetMapping("/api/glass-broken")
  @PreAuthorize(May.SIGN_SECOND)
  List<BrokenGlass> broken() {
    var broken = guard.broken();
    var names = households.named(
        broken.stream().map(Restriction.Broken::household).distinct().toList());
    return broken.stream()
        .map(one -> new BrokenGlass(
            one.household(),
            names.containsKey(one.household()) ? names.get(one.household()).name() : "",
            one.login(),
            staff.nameOf(one.login()),
            one.at(),
            one.because()))
        .toList();
  }

  @PostMapping("/api/households/{household}/glass-noted")
  @PreAuthorize(May.SIGN_SECOND)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void note(@PathVariable UUID household, @RequestBody NotedGlass noted) {
    guard.note(staff.me(), household, noted.login());
  }
}
