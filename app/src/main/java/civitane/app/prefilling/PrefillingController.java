package civitane.app.prefilling;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** What registers know of a household that allows it to be asked. */
@RestController
class PrefillingController {
  private final Prefilling prefilling;
  private final Staff staff;

  PrefillingController(Prefilling prefilling, Staff staff) {
    this.prefilling = prefilling;
    this.staff = staff;
  }

  @PostMapping("/api/applications/{id}/registers")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  Prefilling.AskedRegisters registers(@PathVariable UUID id) {
    return prefilling.ask(staff.me(), id);
  }
}
