package civitane.app.door;

import civitane.packet.form.FormWriter;
import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What anybody may ask before they begin, without a number: a first look, and a form to fill in on paper. */
@RestController
class FirstLookController {
  private static final String LOOK = "door first look";

  private final FirstLook firstLook;
  private final FormWriter writer;
  private final Tries tries;
  private final Clock clock;

  FirstLookController(FirstLook firstLook, FormWriter writer, Tries tries, Clock clock) {
    this.firstLook = firstLook;
    this.writer = writer;
    this.tries = tries;
    this.clock = clock;
  }

  /** What is typed for a first look, by the names of the questions. */
  record ToldFirst(Map<String, String> typed, String language) {}

  @GetMapping("/api/door/first-look/{service}")
  FirstLook.ToAsk asks(
      @PathVariable String service, @RequestParam(defaultValue = "en") String language) {
    return firstLook.asks(service, Language.of(language));
  }

  @PostMapping("/api/door/first-look/{service}")
  ResponseEntity<FirstLook.DoorLook> look(
      @PathVariable String service, @RequestBody ToldFirst told, HttpServletRequest request) {
    var wait = tries.waitOfAddress(LOOK, request);
    return wait.isPresent()
        ? Tries.refused(wait.get())
        : ResponseEntity.ok(firstLook.look(service, told.typed(), Language.of(told.language())));
  }

  @GetMapping("/api/door/blank-form/{service}")
  ResponseEntity<byte[]> blankForm(
      @PathVariable String service,
      @RequestParam(defaultValue = "en") String language,
      HttpServletRequest request) {
    var wait = tries.waitOfAddress(LOOK, request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    var asked = firstLook.offered(service);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(asked.word() + ".pdf")
                .build()
                .toString())
        .body(writer.write(asked, null, LocalDate.now(clock), Language.of(language)));
  }
}
