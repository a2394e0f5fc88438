package civitane.core.registers;

import java.util.List;
import java.util.Optional;

/** Who lives where. Throws {@link RegisterSilent} when it does not answer. */
public interface PopulationRegister {
  Optional<Resident> resident(String residentNumber);

  /** Everybody who is registered at the address of a resident, the resident included. */
  List<Resident> household(Resident resident);
}
