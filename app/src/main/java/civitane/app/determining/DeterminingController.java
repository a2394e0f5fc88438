package civitane.app.determining;

import civitane.app.staff.May;
import civitane.core.rules.Mode;
import civitane.packet.PacketSchema;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Working out without keeping. */
@RestController
class DeterminingController {
  private final Screenings screenings;

  DeterminingController(Screenings screenings) {
    this.screenings = screenings;
  }

  /** Answers a packet as the command line does: the results, or every fault. */
  @PostMapping(
      path = "/api/screenings",
      consumes = MediaType.APPLICATION_JSON_VALUE,
      produces = MediaType.APPLICATION_JSON_VALUE)
  @PreAuthorize(May.ANY_STAFF)
  String screening(
      @RequestBody byte[] packet, @RequestParam(defaultValue = "false") boolean determine) {
    return screenings.exchange(packet, determine ? Mode.DETERMINE : Mode.SCREEN);
  }

  @GetMapping(path = "/api/packet-schema", produces = "application/schema+json")
  @PreAuthorize(May.ANY_STAFF)
  String schema() {
    return PacketSchema.json();
  }
}
