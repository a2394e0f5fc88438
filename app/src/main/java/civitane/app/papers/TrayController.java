package civitane.app.papers;

import civitane.app.access.Guard;
import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The post tray. */
@RestController
class TrayController {
  private final Sifter sifter;
  private final Tray tray;
  private final Guard guard;
  private final Staff staff;

  TrayController(Sifter sifter, Tray tray, Guard guard, Staff staff) {
    this.sifter = sifter;
    this.tray = tray;
    this.guard = guard;
    this.staff = staff;
  }

  /** The piece that was taken. */
  record PostTaken(UUID id) {}

  /** With which claim pages are filed, and as what. */
  record FiledPost(int version, String claim, Set<Integer> pages, String kind) {}

  /** Why a piece is not for this office. */
  record PutAside(int version, String because) {}

  @GetMapping("/api/tray")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<TrayPiece> pieces() {
    return tray.waiting().stream()
        .map(piece -> piece.broughtBy(staff.nameOf(piece.cameBy())))
        .toList();
  }

  /**
   * Takes a file that came by post; its name stands in the head, {@code X-Paper-Name}, written as in an address, and
   * {@code X-Paper-Envelopes} with anything where it is letters of ours that came back undelivered.
   */
  @PostMapping(value = "/api/tray", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @PreAuthorize(May.TAKE_APPLICATIONS)
  PostTaken bring(HttpServletRequest request) throws IOException {
    if (request.getContentLengthLong() > Incoming.MOST_BYTES) {
      throw Problem.wrong(
          "The file is larger than 15 MB. Scan it less finely, or in several files.");
    }
    var name = Optional.ofNullable(PaperController.head(request, "Name")).orElse("");
    try (var file = Incoming.of(request.getInputStream())) {
      var envelopes = PaperController.head(request, "Envelopes") != null;
      return new PostTaken(tray.bring(staff.me(), file, sifter.fit(file), name, envelopes));
    }
  }

  @GetMapping("/api/tray/{id}/pages/{page}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<byte[]> trayPage(@PathVariable UUID id, @PathVariable int page) {
    return picture(tray.page(id, page, false));
  }

  @GetMapping("/api/tray/{id}/small/{page}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ResponseEntity<byte[]> traySmall(@PathVariable UUID id, @PathVariable int page) {
    return picture(tray.page(id, page, true));
  }

  private static ResponseEntity<byte[]> picture(byte[] picture) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noStore())
        .body(picture);
  }

  @PostMapping("/api/tray/{id}/filed")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<TrayPiece> file(@PathVariable UUID id, @RequestBody FiledPost filed) {
    var number = filed.claim().strip();
    if (!guard.maySee(staff.me(), number)) {
      throw Problem.wrong("There is no claim of the number " + number + ". Look at it again.");
    }
    tray.file(
        staff.me(), id, filed.version(), number, filed.pages(), PaperController.kind(filed.kind()));
    return pieces();
  }

  @PostMapping("/api/tray/{id}/set-aside")
  @PreAuthorize(May.WORK_CLAIMS)
  List<TrayPiece> setAside(@PathVariable UUID id, @RequestBody PutAside aside) {
    tray.setAside(staff.me(), id, aside.version(), aside.because());
    return pieces();
  }
}
