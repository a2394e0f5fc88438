package civitane.app.door;

import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Papers that are sent before it is lodged. */
@RestController
@RequestMapping("/api/door/application/papers")
class EarlyPapersController {
  private static final String APPLIES = "hasRole('" + Applicant.ROLE + "')";
  private static final int LONGEST_HEAD = 400;

  private final EarlyPapers papers;

  EarlyPapersController(EarlyPapers papers) {
    this.papers = papers;
  }

  /** What is taken away again. */
  record EarlyAway(String wanted) {}

  @GetMapping
  @PreAuthorize(APPLIES)
  List<EarlyPapers.EarlyPaper> early(
      @AuthenticationPrincipal Applicant applicant,
      @RequestParam(defaultValue = "en") String language) {
    return papers.of(applicant.application(), Language.of(language));
  }

  /** Takes a file; what it is for, its name and what is said to it stand in the head of the request. */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @PreAuthorize(APPLIES)
  ResponseEntity<Void> bringEarly(
      @AuthenticationPrincipal Applicant applicant, HttpServletRequest request) throws IOException {
    if (papers.isFull(applicant.application())) {
      return DoorPapersController.tooMuch();
    }
    papers.bring(
        applicant.application(),
        WrittenHead.of(request, "X-Paper-For", LONGEST_HEAD),
        WrittenHead.of(request, "X-Paper-Name", LONGEST_HEAD),
        WrittenHead.of(request, "X-Paper-Remark", LONGEST_HEAD),
        request.getInputStream());
    return ResponseEntity.noContent().build();
  }

  @PostMapping("/away")
  @PreAuthorize(APPLIES)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeEarlyAway(@AuthenticationPrincipal Applicant applicant, @RequestBody EarlyAway away) {
    papers.takeAway(applicant.application(), away.wanted());
  }
}
