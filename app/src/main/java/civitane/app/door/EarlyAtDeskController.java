package civitane.app.door;

import civitane.app.drafts.Applications;
import civitane.app.staff.May;
import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What came for an application before it is lodged, for whoever takes it up at the desk. */
@RestController
class EarlyAtDeskController {
  private final EarlyPaperRows rows;
  private final Applications applications;

  EarlyAtDeskController(EarlyPaperRows rows, Applications applications) {
    this.rows = rows;
    this.applications = applications;
  }

  /**
   * Something that came.
   *
   * @param wanted the kind of paper and whose, as what is wanted is named: {@code payslip:i1}
   */
  record CameEarly(String wanted, int pages) {}

  @GetMapping("/api/applications/{id}/early-papers")
  @PreAuthorize(May.SEE_CLAIMS)
  List<CameEarly> cameEarly(@PathVariable UUID id) {
    return rows.pages(applications.find(id).id()).entrySet().stream()
        .map(one -> new CameEarly(one.getKey(), one.getValue()))
        .toList();
  }
}
