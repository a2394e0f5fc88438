package civitane.app.intake;

import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.screening.Screenings;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.Fault;
import civitane.packet.form.BatchReader;
import civitane.packet.form.FormFault;
import civitane.packet.form.FormReader;
import civitane.packet.form.FormWriter;
import civitane.words.Language;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Applications that come from outside: forms that were filled in offline, and a school's batch. */
@RestController
class FormController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final Applications applications;
  private final Lodging lodging;
  private final Letters letters;
  private final Screenings screenings;
  private final FormWriter writer;
  private final FormReader reader;
  private final BatchReader batches;
  private final Staff staff;
  private final Clock clock;

  FormController(
      Applications applications,
      Lodging lodging,
      Letters letters,
      Screenings screenings,
      FormWriter writer,
      FormReader reader,
      BatchReader batches,
      Staff staff,
      Clock clock) {
    this.applications = applications;
    this.lodging = lodging;
    this.letters = letters;
    this.screenings = screenings;
    this.writer = writer;
    this.reader = reader;
    this.batches = batches;
    this.staff = staff;
    this.clock = clock;
  }

  private static Entitlement<?> service(String word) {
    return Services.named(word).orElseThrow(() -> Problem.notThere("A service of this name"));
  }

  private ResponseEntity<byte[]> pdf(byte[] pdf, String name) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .cacheControl(CacheControl.noStore())
        .body(pdf);
  }

  /** The form of a service, blank, in a language. */
  @GetMapping("/api/forms/{service}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<byte[]> blank(
      @PathVariable String service, @RequestParam(defaultValue = "en") String language) {
    return pdf(
        writer.write(service(service), null, LocalDate.now(clock), Language.of(language)),
        service + ".pdf");
  }

  /** The form of a service with what a draft holds, in the household's language. */
  @GetMapping("/api/applications/{id}/forms/{service}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<byte[]> prefilled(@PathVariable UUID id, @PathVariable String service) {
    var packet = applications.view(id).draft().packet();
    return pdf(
        writer.write(
            service(service),
            packet,
            LocalDate.now(clock),
            Language.of(packet.path("language").asString(null))),
        service + ".pdf");
  }

  /** Takes a form that was filled in: without a fault it becomes a draft with an acknowledgement, else every fault is told. */
  @PostMapping("/api/forms")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ApplicationView form(@RequestBody byte[] file) {
    var today = LocalDate.now(clock);
    var reading = reader.read(file, today);
    if (reading.packet() == null) {
      throw Problem.wrong("The form can't be taken as it is.", faults(reading.faults()));
    }
    var view = applications.begin(staff.me(), reading.packet());
    var packet = screenings.readable(reading.packet());
    var number = "A-" + view.id().toString().substring(0, 8).toUpperCase(java.util.Locale.ROOT);
    letters.write(staff.me(), Receipt.acknowledgement(packet, number, today));
    return applications.view(view.id());
  }

  private static List<Fault> faults(List<FormFault> faults) {
    return faults.stream()
        .map(fault -> new Fault(fault.place(), fault.message(), fault.expected()))
        .toList();
  }

  /** A row of a batch that was lodged. */
  record Taken(int row, String receipt, List<String> claims) {}

  /** What became of a batch; the rows that could not be taken come back as CSV with their reasons. */
  record BatchView(List<Taken> taken, int returned, String csv, List<Fault> faults) {}

  @GetMapping("/api/batches/{service}/template")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<String> template(@PathVariable String service) {
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(service + ".csv").build().toString())
        .body(String.join(",", BatchReader.columns(service(service), LocalDate.now(clock))) + "\n");
  }

  /** Takes many applications for one service: the good rows are lodged, the others come back. */
  @PostMapping("/api/batches/{service}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  BatchView batch(@PathVariable String service, @RequestBody byte[] file) {
    var batch = batches.read(service(service), file, LocalDate.now(clock));
    if (!batch.faults().isEmpty()) {
      return new BatchView(List.of(), 0, "", faults(batch.faults()));
    }
    var taken = new ArrayList<Taken>();
    var returned = new ArrayList<>(batch.bad());
    for (var good : batch.good()) {
      var view = applications.begin(staff.me(), good.packet());
      try {
        var lodged = lodging.lodge(staff.me(), view.id(), view.version());
        taken.add(new Taken(good.row(), lodged.receipt(), lodged.claims()));
      } catch (Problem problem) {
        applications.withdraw(staff.me(), view.id());
        returned.add(new BatchReader.Bad(
            good.row(),
            good.cells(),
            problem.faults().stream()
                .map(fault -> new FormFault(fault.pointer(), fault.message(), fault.expected()))
                .toList()));
      }
    }
    returned.sort(java.util.Comparator.comparing(BatchReader.Bad::row));
    return new BatchView(
        taken, returned.size(), BatchReader.csv(batch.columns(), returned), List.of());
  }
}
