package civitane.app.door;

import civitane.app.audit.LogKey;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The key under which a browser keeps what is not sent yet, as phones end a page when the camera opens. It is given for as
 * long as the visit lasts and kept nowhere: what the browser keeps can't be read after that, not by its owner either.
 */
@RestController
class DeviceKeyController {
  private static final String BEHIND_THE_DOOR =
      "hasAnyRole('" + Visitor.ROLE + "', '" + Applicant.ROLE + "', '" + Signer.ROLE + "')";

  private final LogKey outside;

  DeviceKeyController(LogKey outside) {
    this.outside = outside;
  }

  /** @param key 256 bits in hexadecimal digits */
  record DeviceKey(String key) {}

  @GetMapping("/api/door/device-key")
  @PreAuthorize(BEHIND_THE_DOOR)
  DeviceKey deviceKey(HttpServletRequest request) {
    // By a key outside the browser: the cookie may stay there longer than the visit lasts.
    return new DeviceKey(outside.link("door device", DoorCookie.token(request).orElseThrow()));
  }
}
