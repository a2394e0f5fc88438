package civitane.app.door;

import civitane.app.papers.Bringing;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Files that a household sends for its claims. */
@RestController
class DoorPapersController {
  private static final String THROUGH = "hasRole('" + Visitor.ROLE + "')";
  private static final int LONGEST_HEAD = 1_000;

  private final Letterbox letterbox;
  private final Bringing bringing;
  private final MuchSent muchSent;

  DoorPapersController(Letterbox letterbox, Bringing bringing, MuchSent muchSent) {
    this.letterbox = letterbox;
    this.bringing = bringing;
    this.muchSent = muchSent;
  }

  /** What is answered where no more is taken for now. */
  static ResponseEntity<Void> tooMuch() {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
  }

  /** Takes a file for something that is wanted; its name and what is said to it stand in the head of the request. */
  @PostMapping(
      value = "/api/door/claims/{number}/items/{item}/papers",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @PreAuthorize(THROUGH)
  ResponseEntity<Void> paper(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @PathVariable int item,
      HttpServletRequest request)
      throws IOException {
    var filing = letterbox.filing(
        visitor,
        number,
        item,
        WrittenHead.of(request, "X-Paper-Name", LONGEST_HEAD),
        WrittenHead.of(request, "X-Paper-Remark", LONGEST_HEAD));
    if (muchSent.isMuch(visitor.household())) {
      return tooMuch();
    }
    bringing.bring(letterbox.actor(number), number, request.getInputStream(), filing);
    return ResponseEntity.noContent().build();
  }

  /** Takes a file as further pages of the paper that came for something that is wanted. */
  @PostMapping(
      value = "/api/door/claims/{number}/items/{item}/papers/pages",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @PreAuthorize(THROUGH)
  ResponseEntity<Void> furtherPages(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @PathVariable int item,
      HttpServletRequest request)
      throws IOException {
    letterbox.filing(visitor, number, item, "", "");
    if (muchSent.isMuch(visitor.household())) {
      return tooMuch();
    }
    bringing.bringMore(letterbox.actor(number), number, item, request.getInputStream());
    return ResponseEntity.noContent().build();
  }
}
