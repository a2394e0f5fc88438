package civitane.app.remembering;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Work that one was called away from. */
@RestController
class ParkingController {
  private final Parking parking;
  private final Staff staff;

  ParkingController(Parking parking, Staff staff) {
    this.parking = parking;
    this.staff = staff;
  }

  /** One's own, the latest first. */
  @GetMapping("/api/parked")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Parked> parked() {
    return parking.of(staff.me());
  }

  @PostMapping("/api/parked")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Parked> park(@RequestBody Parking.ToPark what) {
    parking.park(staff.me(), what);
    return parking.of(staff.me());
  }

  @PostMapping("/api/parked/{parked}/taken-up")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Parked> takeUp(@PathVariable UUID parked) {
    parking.takeUp(staff.me(), parked);
    return parking.of(staff.me());
  }
}
