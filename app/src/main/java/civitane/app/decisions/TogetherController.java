package civitane.app.decisions;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Deciding what comes out alike. */
@RestController
class TogetherController {
  private final Together together;
  private final Staff staff;

  TogetherController(Together together, Staff staff) {
    this.together = together;
    this.staff = staff;
  }

  /** Which claims are decided as computed, each in the version that was looked at. */
  record DecidedAlike(boolean grant, List<Together.Chosen> claims) {}

  @GetMapping("/api/alike")
  @PreAuthorize(May.WORK_CLAIMS)
  List<Together.Alike> alike() {
    return together.of(staff.me());
  }

  @PostMapping("/api/alike/decision")
  @PreAuthorize(May.WORK_CLAIMS)
  List<Together.Became> decideAlike(@RequestBody DecidedAlike decided) {
    return together.decide(staff.me(), decided.grant(), decided.claims());
  }
}
