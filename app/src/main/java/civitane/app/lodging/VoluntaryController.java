package civitane.app.lodging;

import civitane.app.staff.May;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Voluntary answers; nothing says whose they are. */
@RestController
class VoluntaryController {
  private final Voluntary voluntary;

  VoluntaryController(Voluntary voluntary) {
    this.voluntary = voluntary;
  }

  @PostMapping("/api/voluntary-answers")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  void voluntary(@RequestBody Map<String, String> answers) {
    voluntary.keep(answers);
  }

  @GetMapping("/api/voluntary-answers/counts")
  @PreAuthorize(May.COUNT)
  List<Voluntary.Count> counts() {
    return voluntary.counts();
  }
}
