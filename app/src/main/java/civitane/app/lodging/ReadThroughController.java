package civitane.app.lodging;

import civitane.app.determining.Screenings;
import civitane.app.drafts.Draft;
import civitane.app.drafts.SentDrafts;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.words.Language;
import civitane.words.Words;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Everything as it was told, to be read aloud before it is signed; of numbers the end, as others may listen. */
@RestController
class ReadThroughController {
  private final SentDrafts drafts;
  private final Screenings screenings;
  private final Staff staff;

  ReadThroughController(SentDrafts drafts, Screenings screenings, Staff staff) {
    this.drafts = drafts;
    this.screenings = screenings;
    this.staff = staff;
  }

  /** What a draft tells, in a language; what can't be read yet is left out. Nothing is kept. */
  @PostMapping("/api/read-through")
  @PreAuthorize(May.ANY_STAFF)
  List<ReadThrough.Section> read(
      @RequestBody Draft draft,
      @RequestParam(defaultValue = "en") String language,
      @RequestParam(required = false) @Nullable UUID application) {
    var whole = drafts.whole(staff.me(), draft, application);
    var packet = screenings.readable(whole.packet());
    return packet == null ? List.of() : ReadThrough.masked(packet, Words.in(Language.of(language)));
  }
}
