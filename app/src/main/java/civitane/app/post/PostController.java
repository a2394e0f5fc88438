package civitane.app.post;

import civitane.app.letters.LettersOut;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.time.Instant;
import java.util.List;
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

/** Post that goes out and comes back. */
@RestController
class PostController {
  private final PostOut out;
  private final PostBack back;
  private final LettersOut letters;
  private final Staff staff;

  PostController(PostOut out, PostBack back, LettersOut letters, Staff staff) {
    this.out = out;
    this.back = back;
    this.letters = letters;
    this.staff = staff;
  }

  /** What waits to go out or to be handed over, what lies at the door unread, the last runs, and where post is held back. */
  record PostView(
      List<ToGo> waiting,
      List<ToGo> toHandOver,
      List<ToGo> unread,
      List<RunView> runs,
      List<PostBack.Doubted> doubted) {}

  /** A run, with who made it. */
  record RunView(UUID id, int nr, String by, Instant at, int letters) {}

  /** Letters that are to go out. */
  record ChosenLetters(List<UUID> letters) {}

  /** How they went out, and what there is now. */
  record Posted(PostOut.Gone gone, PostView post) {}

  /** The code of a letter that came back. */
  record CameBack(String code) {}

  /** Whom it was for, and what there is now. */
  record WasFor(String name, PostView post) {}

  /** Why post goes out again. */
  record Released(String because) {}

  /** How many letters wait. */
  record HowMany(int waiting) {}

  @GetMapping("/api/post")
  @PreAuthorize(May.WORK_CLAIMS)
  PostView post() {
    var by = staff.me();
    return new PostView(
        out.waiting(by),
        out.toHandOver(by),
        out.unread(by),
        out.runs().stream()
            .map(run ->
                new RunView(run.id(), run.nr(), staff.nameOf(run.by()), run.at(), run.letters()))
            .toList(),
        back.doubted(by));
  }

  @GetMapping("/api/post/waiting")
  @PreAuthorize(May.WORK_CLAIMS)
  HowMany waiting() {
    return new HowMany(letters.countWaiting());
  }

  @PostMapping("/api/post/runs")
  @PreAuthorize(May.WORK_CLAIMS)
  Posted send(@RequestBody ChosenLetters chosen) {
    var gone = out.post(staff.me(), chosen.letters());
    return new Posted(gone, post());
  }

  @GetMapping("/api/post/runs/{id}")
  @PreAuthorize(May.WORK_CLAIMS)
  ResponseEntity<byte[]> pages(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .cacheControl(CacheControl.noStore())
        .body(out.pages(staff.me(), id));
  }

  @PostMapping("/api/post/letters/{id}/handed-over")
  @PreAuthorize(May.WORK_CLAIMS)
  PostView handOver(@PathVariable UUID id) {
    out.handOver(staff.me(), id);
    return post();
  }

  @PostMapping("/api/post/came-back")
  @PreAuthorize(May.WORK_CLAIMS)
  WasFor cameBack(@RequestBody CameBack letter) {
    return new WasFor(back.letterCameBack(staff.me(), letter.code()), post());
  }

  @PostMapping("/api/post/households/{household}/released")
  @PreAuthorize(May.WORK_CLAIMS)
  PostView release(@PathVariable UUID household, @RequestBody Released released) {
    back.release(staff.me(), household, released.because());
    return post();
  }
}
