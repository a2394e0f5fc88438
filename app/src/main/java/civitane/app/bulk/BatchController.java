package civitane.app.bulk;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.form.BatchReader;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Lists of applications for one service, as a school sends them. */
@RestController
class BatchController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final Batches batches;
  private final BatchReader reader;
  private final Staff staff;
  private final Clock clock;

  BatchController(Batches batches, BatchReader reader, Staff staff, Clock clock) {
    this.batches = batches;
    this.reader = reader;
    this.staff = staff;
    this.clock = clock;
  }

  private static Entitlement<?> service(String word) {
    return Services.named(word).orElseThrow(() -> Problem.notThere("A service of this name"));
  }

  private static ResponseEntity<String> csv(String name, String file) {
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name + ".csv").build().toString())
        .cacheControl(CacheControl.noStore())
        .body(file);
  }

  /** The columns a list of a service may have. */
  @GetMapping("/api/services/{service}/list-template")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<String> template(@PathVariable String service) {
    return csv(
        service,
        String.join(",", BatchReader.columns(service(service), LocalDate.now(clock))) + "\n");
  }

  /** Takes a list: its rows are lodged one after the other from now on. */
  @PostMapping("/api/services/{service}/lists")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  BatchView send(@PathVariable String service, @RequestBody byte[] file) {
    var list = reader.read(service(service), file, LocalDate.now(clock));
    return batches.send(staff.me(), service, list);
  }

  @GetMapping("/api/batches")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<BatchView> mine() {
    return batches.of(staff.me());
  }

  @GetMapping("/api/batches/{id}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  BatchView batch(@PathVariable UUID id) {
    return batches.of(staff.me(), id);
  }

  /** The rows that come back, with their reasons. */
  @GetMapping("/api/batches/{id}/returned")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<String> returned(@PathVariable UUID id) {
    return csv("rows-to-put-right", batches.returned(staff.me(), id));
  }

  @DeleteMapping("/api/batches/{id}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  void putAway(@PathVariable UUID id) {
    batches.putAway(staff.me(), id);
  }
}
