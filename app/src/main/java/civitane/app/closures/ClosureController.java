package civitane.app.closures;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Days on which the office is closed. */
@RestController
class ClosureController {
  private final Closures closures;
  private final Staff staff;

  ClosureController(Closures closures, Staff staff) {
    this.closures = closures;
    this.staff = staff;
  }

  /** A closure that stands, with who declared it. */
  record ClosureView(UUID id, LocalDate from, LocalDate until, String because, String by) {}

  /** Days to be declared closed, both included. */
  record ClosedDays(LocalDate from, LocalDate until, String because) {}

  @GetMapping("/api/closures")
  @PreAuthorize(May.ANY_STAFF)
  List<ClosureView> closures() {
    return closures.near().stream()
        .map(one -> new ClosureView(
            one.id(), one.from(), one.until(), one.because(), staff.nameOf(one.by())))
        .toList();
  }

  @PostMapping("/api/closures")
  @PreAuthorize(May.CLOSE_THE_OFFICE)
  List<ClosureView> declare(@RequestBody ClosedDays closed) {
    closures.declare(staff.me(), closed.from(), closed.until(), closed.because());
    return closures();
  }

  @PostMapping("/api/closures/{id}/taken-back")
  @PreAuthorize(May.CLOSE_THE_OFFICE)
  List<ClosureView> takeBack(@PathVariable UUID id) {
    closures.takeBack(staff.me(), id);
    return closures();
  }
}
