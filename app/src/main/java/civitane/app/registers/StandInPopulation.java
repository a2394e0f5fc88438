package civitane.app.registers;

import civitane.core.facts.Sex;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.Resident;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

@Component
class StandInPopulation implements PopulationRegister {
  static final String NAME = "population";

  private final RegisterCalls calls;
  private final List<Resident> residents = RegisterFile.rows(NAME, StandInPopulation::resident);

  StandInPopulation(RegisterCalls calls) {
    this.calls = calls;
  }

  private static Resident resident(CSVRecord row) {
    return new Resident(
        row.get("residentNumber"),
        row.get("givenName"),
        row.get("familyName"),
        LocalDate.parse(row.get("birthDate")),
        row.get("sex").isEmpty() ? null : Sex.valueOf(row.get("sex")),
        row.get("line1"),
        row.get("postcode"),
        row.get("town"));
  }

  @Override
  public Optional<Resident> resident(String residentNumber) {
    return calls.ask(
        NAME,
        () -> residents.stream()
            .filter(one -> one.residentNumber().equals(residentNumber))
            .findFirst());
  }

  @Override
  public List<Resident> household(Resident resident) {
    return calls.ask(
        NAME,
        () -> residents.stream()
            .filter(one ->
                one.line1().equals(resident.line1()) && one.postcode().equals(resident.postcode()))
            .toList());
  }
}
