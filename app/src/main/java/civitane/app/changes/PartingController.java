package civitane.app.changes;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** That people of a household live by themselves. */
@RestController
class PartingController {
  private final Parting parting;
  private final Staff staff;

  PartingController(Parting parting, Staff staff) {
    this.parting = parting;
    this.staff = staff;
  }

  /** The household that they are now. */
  record OfTheirOwn(UUID household) {}

  @PostMapping("/api/households/{household}/parting")
  @PreAuthorize(May.WORK_CLAIMS)
  OfTheirOwn part(@PathVariable UUID household, @RequestBody Parting.Parted parted) {
    return new OfTheirOwn(parting.part(staff.me(), household, parted));
  }
}
