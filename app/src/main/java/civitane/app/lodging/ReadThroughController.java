package civitane.app.lodging;

import civitane.app.determining.Screenings;
import civitane.app.drafts.Draft;
import civitane.app.staff.May;
import civitane.words.Language;
import civitane.words.Words;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Everything as it was told, to be read aloud before it is signed. */
@RestController
class ReadThroughController {
  private final Screenings screenings;

  ReadThroughController(Screenings screenings) {
    this.screenings = screenings;
  }

  /** What a draft tells, in a language; what can't be read yet is left out. Nothing is kept. */
  @PostMapping("/api/read-through")
  @PreAuthorize(May.ANY_STAFF)
  List<ReadThrough.Section> read(
      @RequestBody Draft draft, @RequestParam(defaultValue = "en") String language) {
    var packet = screenings.readable(draft.packet());
    return packet == null
        ? List.of()
        : new ReadThrough(packet, Words.in(Language.of(language))).sections();
  }
}
