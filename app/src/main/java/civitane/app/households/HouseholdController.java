package civitane.app.households;

import civitane.app.access.Guard;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Finding a household. Names travel in the body, never in an address. */
@RestController
class HouseholdController {
  private static final UUID FIRST = new UUID(0, 0);

  private final Households households;
  private final Guard guard;
  private final Staff staff;

  HouseholdController(Households households, Guard guard, Staff staff) {
    this.households = households;
    this.guard = guard;
    this.staff = staff;
  }

  /** What is looked for, and after which household the page begins; null where it is the first. */
  record Search(
      String start, @Nullable String afterName, @Nullable UUID afterId) {}

  @PostMapping("/api/households/search")
  @PreAuthorize(May.SEE_CLAIMS)
  List<Households.ListedHousehold> search(@RequestBody Search search) {
    var hidden = guard.hiddenFrom(staff.me());
    return households
        .startingWith(
            search.start(),
            search.afterName() == null ? "" : search.afterName(),
            search.afterId() == null ? FIRST : search.afterId())
        .stream()
        .filter(found -> !hidden.contains(found.id()))
        .toList();
  }
}
