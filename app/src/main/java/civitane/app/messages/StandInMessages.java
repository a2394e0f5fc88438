package civitane.app.messages;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import java.io.IOException;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the demo's made-up gateway brought, as nobody has the phones it went to. */
@RestController
class StandInMessages {
  private static final int MOST = 20;

  private final Gateway gateway;

  StandInMessages(Gateway gateway) {
    this.gateway = gateway;
  }

  @GetMapping("/api/registers/messages")
  @PreAuthorize(May.SEE_CLAIMS)
  List<BroughtMessage> brought() {
    if (!gateway.isStandIn()) {
      throw Problem.notThere("A stand-in");
    }
    try {
      return gateway.brought().stream().limit(MOST).toList();
    } catch (IOException e) {
      throw Problem.unavailable("The stand-in of the gateway does not answer now.");
    }
  }
}
