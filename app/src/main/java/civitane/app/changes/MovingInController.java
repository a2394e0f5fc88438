package civitane.app.changes;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** That people of another household live in one. */
@RestController
class MovingInController {
  private final MovingIn movingIn;
  private final Staff staff;

  MovingInController(MovingIn movingIn, Staff staff) {
    this.movingIn = movingIn;
    this.staff = staff;
  }

  @PostMapping("/api/households/{household}/moving-in")
  @PreAuthorize(May.WORK_CLAIMS)
  void moveIn(@PathVariable UUID household, @RequestBody MovingIn.MovedIn moved) {
    movingIn.moveIn(staff.me(), household, moved);
  }
}
