package civitane.app.live;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The stream of what others change. */
@RestController
class LiveController {
  private final Watchers watchers;
  private final Staff staff;

  LiveController(Watchers watchers, Staff staff) {
    this.watchers = watchers;
    this.staff = staff;
  }

  @GetMapping(value = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @PreAuthorize(May.SEE_CLAIMS)
  SseEmitter live() {
    return watchers.watch(staff.me());
  }
}
