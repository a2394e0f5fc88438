package civitane.core.registers;

import civitane.core.facts.Sex;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who lives where. Throws {@link RegisterSilent} when it does not answer. */
public final class PopulationRegister {
  private final Registers registers;

  public PopulationRegister(Registers registers) {
    this.registers = registers;
  }

  /** The question who has a resident number. */
  public static RegisterQuestion question(String residentNumber) {
    return RegisterQuestion.of(RegisterName.POPULATION, Map.of("residentNumber", residentNumber));
  }

  /** Somebody as a row has them. */
  public static Resident read(RegisterRow row) {
    var sex = row.textOrNull("sex");
    return new Resident(
        row.text("residentNumber"),
        row.text("givenName"),
        row.text("familyName"),
        row.date("birthDate"),
        sex == null ? null : Sex.valueOf(sex),
        row.text("line1"),
        row.text("postcode"),
        row.text("town"));
  }

  public Optional<Resident> resident(String residentNumber) {
    return registers.ask(question(residentNumber)).stream()
        .map(PopulationRegister::read)
        .findFirst();
  }

  /** Everybody who is registered at the address of a resident, the resident included. */
  public List<Resident> household(Resident resident) {
    var home = Map.of("line1", resident.line1(), "postcode", resident.postcode());
    return registers.ask(RegisterQuestion.of(RegisterName.POPULATION, home)).stream()
        .map(PopulationRegister::read)
        .toList();
  }
}
