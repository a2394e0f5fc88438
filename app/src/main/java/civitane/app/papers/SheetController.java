package civitane.app.papers;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The pages of papers before they are read. */
@RestController
class SheetController {
  private final Sheets sheets;
  private final Papers papers;
  private final Staff staff;

  SheetController(Sheets sheets, Papers papers, Staff staff) {
    this.sheets = sheets;
    this.papers = papers;
    this.staff = staff;
  }

  /** The pages in the order they are to be read. */
  record Arranged(int version, List<Sheets.Placed> pages) {}

  /** Pages that are a paper of their own, and what it is. */
  record TakenOut(
      int version,
      Set<Integer> pages,
      String kind,
      @Nullable String person) {}

  /** The paper whose pages come behind. */
  record Joined(int version, UUID other, int otherVersion) {}

  @PostMapping("/api/claims/{number}/papers/{id}/pages")
  @PreAuthorize(May.WORK_CLAIMS)
  PaperView.Papers arrange(
      @PathVariable String number, @PathVariable UUID id, @RequestBody Arranged arranged) {
    sheets.arrange(staff.me(), number, id, arranged.version(), arranged.pages());
    return papers.of(number);
  }

  @PostMapping("/api/claims/{number}/papers/{id}/taken-out")
  @PreAuthorize(May.WORK_CLAIMS)
  PaperView.Papers takeOut(
      @PathVariable String number, @PathVariable UUID id, @RequestBody TakenOut out) {
    sheets.takeOut(
        staff.me(),
        number,
        id,
        out.version(),
        out.pages(),
        PaperController.kind(out.kind()),
        out.person());
    return papers.of(number);
  }

  @PostMapping("/api/claims/{number}/papers/{id}/joined")
  @PreAuthorize(May.WORK_CLAIMS)
  PaperView.Papers join(
      @PathVariable String number, @PathVariable UUID id, @RequestBody Joined joined) {
    sheets.join(staff.me(), number, id, joined.version(), joined.other(), joined.otherVersion());
    return papers.of(number);
  }
}
