package civitane.app.appointments;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Appointments with households. */
@RestController
class AppointmentController {
  private final Appointments appointments;
  private final Hearings hearings;
  private final Staff staff;

  AppointmentController(Appointments appointments, Hearings hearings, Staff staff) {
    this.appointments = appointments;
    this.hearings = hearings;
    this.staff = staff;
  }

  /** What came of an appointment. */
  record IsOver(Over over, String note) {}

  @GetMapping("/api/appointments")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<AppointmentView> appointments(@RequestParam LocalDate on) {
    return appointments.on(staff.me(), on);
  }

  @GetMapping("/api/claims/{number}/appointments")
  @PreAuthorize(May.READ_FACTS)
  List<AppointmentView> ofClaim(@PathVariable String number) {
    return appointments.about(number);
  }

  /** From which day on a claim can be heard; null where none is held on it. */
  record CanBeHeard(@Nullable LocalDate from) {}

  @GetMapping("/api/claims/{number}/hearing")
  @PreAuthorize(May.READ_FACTS)
  CanBeHeard hearing(@PathVariable String number) {
    return new CanBeHeard(hearings.from(number).orElse(null));
  }

  @PostMapping("/api/claims/{number}/appointments")
  @PreAuthorize(May.WORK_CLAIMS)
  List<AppointmentView> make(@PathVariable String number, @RequestBody Appointments.Wished wished) {
    appointments.make(staff.me(), number, wished);
    return appointments.about(number);
  }

  @PostMapping("/api/appointments/{id}/here")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  void here(@PathVariable UUID id) {
    appointments.here(staff.me(), id);
  }

  @PostMapping("/api/appointments/{id}/over")
  @PreAuthorize(May.WORK_CLAIMS)
  void over(@PathVariable UUID id, @RequestBody IsOver over) {
    appointments.over(staff.me(), id, over.over(), over.note());
  }
}
