package civitane.app.signin;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Who wants to sign in at the office's server while it does not answer is told so where they came from. */
@RestController
class OfficeUnreachable {
  @GetMapping(OfficeServer.BEGINS + "/{server}")
  ResponseEntity<Void> unreachable(@PathVariable String server) {
    return ResponseEntity.status(HttpStatus.FOUND)
        .header(HttpHeaders.LOCATION, "/sign-in?unreachable")
        .build();
  }
}
