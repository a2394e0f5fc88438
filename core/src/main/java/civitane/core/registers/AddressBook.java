package civitane.core.registers;

import java.util.List;

/** The streets of the district. */
public interface AddressBook {
  List<Street> streets();
}
