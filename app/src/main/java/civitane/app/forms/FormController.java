package civitane.app.forms;

import civitane.app.determining.Screenings;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Scans;
import civitane.app.letters.Letters;
import civitane.app.lodging.Receipt;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.Fault;
import civitane.packet.form.FormFault;
import civitane.packet.form.FormReader;
import civitane.packet.form.FormWriter;
import civitane.words.Language;
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
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import static civitane.core.facts.Known.known;

/** Applications that come from outside: forms that were filled in offline, and a school's batch. */
@RestController
class FormController {
  private final Applications applications;
  private final Letters letters;
  private final Screenings screenings;
  private final FormWriter writer;
  private final FormReader reader;
  private final PrintedForms printed;
  private final Scans scans;
  private final FormAgain again;
  private final Staff staff;
  private final Clock clock;

  FormController(
      Applications applications,
      Letters letters,
      Screenings screenings,
      FormWriter writer,
      FormReader reader,
      PrintedForms printed,
      Scans scans,
      FormAgain again,
      Staff staff,
      Clock clock) {
    this.applications = applications;
    this.letters = letters;
    this.screenings = screenings;
    this.writer = writer;
    this.reader = reader;
    this.printed = printed;
    this.scans = scans;
    this.again = again;
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

  /** The form of a claim's service with all that is known, to ask again for what ends; in the household's language. */
  @GetMapping("/api/claims/{number}/form")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<byte[]> again(@PathVariable String number) {
    return pdf(again.of(number), number + ".pdf");
  }

  /** Takes a form that was filled in: without a fault it becomes a draft with an acknowledgement, else every fault is told. */
  @PostMapping("/api/forms")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ApplicationView form(@RequestBody byte[] file) {
    var today = LocalDate.now(clock);
    var reading = reader.read(file, today);
    if (reading.packet() == null && !reading.isForm()) {
      return printed(file, reading);
    }
    if (reading.packet() == null) {
      throw Problem.wrong("The form can't be taken as it is.", faults(reading.faults()));
    }
    var view = applications.begin(staff.me(), reading.packet());
    var packet = known(screenings.readable(reading.packet()));
    var number = "A-" + view.id().toString().substring(0, 8).toUpperCase(java.util.Locale.ROOT);
    letters.write(staff.me().actor(), Receipt.acknowledgement(packet, number, today));
    return applications.view(view.id());
  }

  /** A form whose fields are gone becomes a draft with its pages beside it: what was read waits to be confirmed. */
  private ApplicationView printed(byte[] file, FormReader.Reading reading) {
    if (reading.isRefused()) {
      throw Problem.wrong("The form can't be taken as it is.", faults(reading.faults()));
    }
    var read = printed
        .read(file)
        .orElseThrow(
            () -> Problem.wrong("The form can't be taken as it is.", faults(reading.faults())));
    var view = applications.begin(staff.me(), read.packet(), read.places(), "read by machine");
    scans.add(staff.me(), view.id(), file);
    return applications.view(view.id());
  }

  private static List<Fault> faults(List<FormFault> faults) {
    return faults.stream()
        .map(fault -> new Fault(fault.place(), fault.message(), fault.expected()))
        .toList();
  }
}
