package civitane.app.registers;

import civitane.core.registers.AddressBook;
import civitane.core.registers.Street;
import java.util.List;
import org.springframework.stereotype.Component;

@Component
class StandInAddressBook implements AddressBook {
  private final List<Street> streets = RegisterFile.rows(
      "streets", row -> new Street(row.get("name"), row.get("postcode"), row.get("town")));

  @Override
  public List<Street> streets() {
    return streets;
  }
}
