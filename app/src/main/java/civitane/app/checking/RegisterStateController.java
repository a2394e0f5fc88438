package civitane.app.checking;

import civitane.app.catalogue.DeskWords;
import civitane.app.problems.Problem;
import civitane.app.registers.RegisterCalls;
import civitane.app.registers.StandInSwitch;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.core.registers.RegisterName;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How the registers answer; and, in the demo, how they are to. */
@RestController
class RegisterStateController {
  private final InquiryRows rows;
  private final RegisterCalls calls;
  private final StandInSwitch standIns;
  private final Checking checking;
  private final Staff staff;

  RegisterStateController(
      InquiryRows rows,
      RegisterCalls calls,
      StandInSwitch standIns,
      Checking checking,
      Staff staff) {
    this.rows = rows;
    this.calls = calls;
    this.standIns = standIns;
    this.checking = checking;
    this.staff = staff;
  }

  /**
   * How a register answers.
   *
   * @param waiting how many questions about households it has not answered yet
   * @param answered how many it has
   * @param leftAlone whether nobody who waits asks it just now, because it did not answer
   * @param behaviour how its stand-in is to behave; null where it has none
   */
  record RegisterState(
      String name,
      String words,
      long waiting,
      long answered,
      @Nullable Instant lastAnswerAt,
      boolean leftAlone,
      @Nullable String behaviour) {}

  /** How a stand-in is to behave. */
  record Behaving(String behaviour) {}

  @GetMapping("/api/registers")
  @PreAuthorize(May.WORK_CLAIMS)
  List<RegisterState> registers() {
    var counts = rows.counts();
    return Arrays.stream(RegisterName.values())
        .map(register -> state(register, counts.getOrDefault(register.word(), Counted.NONE)))
        .toList();
  }

  private RegisterState state(RegisterName register, Counted counted) {
    return new RegisterState(
        register.word(),
        DeskWords.WORDS.capital(DeskWords.WORDS.word(register)),
        counted.waiting(),
        counted.answered(),
        counted.lastAnswerAt(),
        calls.isLeftAlone(register),
        standIns.behaviour(register));
  }

  @PutMapping("/api/registers/{name}")
  @PreAuthorize(May.WORK_CLAIMS)
  List<RegisterState> behave(@PathVariable String name, @RequestBody Behaving behaving) {
    var register = Arrays.stream(RegisterName.values())
        .filter(one -> one.word().equals(name))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("The register"));
    standIns.behave(register, behaving.behaviour());
    checking.note(staff.me(), "stand-in " + behaving.behaviour(), name);
    return registers();
  }
}
