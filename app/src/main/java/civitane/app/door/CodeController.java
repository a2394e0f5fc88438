package civitane.app.door;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Codes for the door that are given at the counter. */
@RestController
class CodeController {
  private final DoorKeeper keeper;
  private final Tries tries;
  private final Staff staff;

  CodeController(DoorKeeper keeper, Tries tries, Staff staff) {
    this.keeper = keeper;
    this.tries = tries;
    this.staff = staff;
  }

  /** How it was seen who they are. */
  record SeenWho(String seen) {}

  /** It is told once, holds for ten minutes, and opens once. */
  record GivenDoorCode(String code) {}

  @PostMapping("/api/claims/{number}/door-code")
  @PreAuthorize(May.WORK_CLAIMS)
  GivenDoorCode give(@PathVariable String number, @RequestBody SeenWho who) {
    var code = keeper.give(staff.me(), number, who.seen());
    tries.forget(DoorController.ENTRY, number);
    return new GivenDoorCode(code);
  }
}
