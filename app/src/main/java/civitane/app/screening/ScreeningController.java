package civitane.app.screening;

import civitane.app.staff.May;
import civitane.core.rules.Mode;
import civitane.packet.PacketSchema;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Working out without keeping. */
@RestController
class ScreeningController {
  private final Screenings screenings;
  private final QuickChecks quickChecks;

  ScreeningController(Screenings screenings, QuickChecks quickChecks) {
    this.screenings = screenings;
    this.quickChecks = quickChecks;
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

  /** A first look at a service; nothing is kept. */
  @PostMapping("/api/quick-checks/{service}")
  @PreAuthorize(May.ANY_STAFF)
  QuickChecks.Look quickCheck(@PathVariable String service, @RequestBody QuickChecks.Told told) {
    return quickChecks.look(service, told);
  }

  /** The incomes a service goes by today, from the rate book. */
  @GetMapping("/api/services/{service}/charts")
  @PreAuthorize(May.ANY_STAFF)
  Catalogue.Charts charts(@PathVariable String service) {
    return Catalogue.charts(service, screenings.book());
  }

  @GetMapping("/api/services")
  @PreAuthorize(May.ANY_STAFF)
  List<Catalogue.Offer> services() {
    return Catalogue.offers(screenings.today());
  }

  @GetMapping(path = "/api/packet-schema", produces = "application/schema+json")
  @PreAuthorize(May.ANY_STAFF)
  String schema() {
    return PacketSchema.json();
  }
}
