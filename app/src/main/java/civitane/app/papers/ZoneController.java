package civitane.app.papers;

import civitane.app.staff.May;
import civitane.core.identity.MachineReadableZone;
import civitane.core.identity.ZoneFault;
import civitane.core.identity.ZonePart;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Machine-readable zones, looked at digit by digit while they are typed. */
@RestController
class ZoneController {
  private final Clock clock;

  ZoneController(Clock clock) {
    this.clock = clock;
  }

  /** The lines of a zone, as printed. */
  record ZoneTyped(List<String> lines) {}

  /**
   * A check digit that is wrong.
   *
   * @param part what it stands for: documentNumber, birthDate, expiryDate, personalNumber or whole
   * @param digit what is there
   * @param right what would be right
   */
  record WrongDigit(String part, String digit, int right) {
    static WrongDigit of(ZonePart part, ZoneFault fault) {
      return new WrongDigit(part.word(), String.valueOf(fault.digit()), fault.right());
    }
  }

  /**
   * What a zone says.
   *
   * @param shaped whether it has lines of a length that zones have, and no other characters than theirs
   * @param wrong the check digits that are not right
   * @param name given names first; blank where it has no shape
   */
  record ZoneSaid(
      boolean shaped,
      List<WrongDigit> wrong,
      String name,
      @Nullable LocalDate birthDate,
      @Nullable LocalDate expiresOn) {}

  @PostMapping("/api/zones")
  @PreAuthorize(May.WORK_CLAIMS)
  ZoneSaid said(@RequestBody ZoneTyped typed) {
    var zone = MachineReadableZone.read(typed.lines());
    return new ZoneSaid(
        zone.faults().stream().noneMatch(fault -> fault.part() == null),
        zone.faults().stream()
            .filter(fault -> fault.part() != null)
            .map(fault -> WrongDigit.of(fault.part(), fault))
            .toList(),
        zone.name(),
        zone.birthDate(LocalDate.now(clock)),
        zone.expiresOn());
  }
}
