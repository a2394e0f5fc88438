package civitane.app.lists;

import civitane.app.staff.May;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ListController {
  private final WaitingLists lists;

  ListController(WaitingLists lists) {
    this.lists = lists;
  }

  @GetMapping("/api/lists")
  @PreAuthorize(May.ANY_STAFF)
  List<WaitingLists.WaitingList> lists() {
    return lists.all();
  }
}
