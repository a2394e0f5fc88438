package civitane.core.registers;

import java.util.Optional;

/** What was assessed for tax. Throws {@link RegisterSilent} when it does not answer. */
public interface TaxRegister {
  Optional<TaxRecord> of(String residentNumber, int year);
}
