package civitane.app.households;

import civitane.app.staff.May;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Finding a household. Names travel in the body, never in an address. */
@RestController
class HouseholdController {
  private static final UUID FIRST = new UUID(0, 0);

  private final Households households;

  HouseholdController(Households households) {
    this.households = households;
  }

  /** What is looked for, and after which household the page begins. */
  record Search(String start, String afterName, UUID afterId) {}

  @PostMapping("/api/households/search")
  @PreAuthorize(May.SEE_CLAIMS)
  List<Households.ListedHousehold> search(@RequestBody Search search) {
    return households.startingWith(
        search.start(),
        search.afterName() == null ? "" : search.afterName(),
        search.afterId() == null ? FIRST : search.afterId());
  }
}
