package civitane.core.registers;

import java.util.Optional;

/** Whom an account belongs to. Throws {@link RegisterSilent} when it does not answer. */
public interface BankRegister {
  Optional<String> holder(String iban);
}
