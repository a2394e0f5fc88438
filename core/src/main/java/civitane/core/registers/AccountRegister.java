package civitane.core.registers;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whom an account belongs to. Throws {@link RegisterSilent} when it does not answer. */
public final class AccountRegister {
  private final Registers registers;

  public AccountRegister(Registers registers) {
    this.registers = registers;
  }

  /** The question whose an account is. */
  public static RegisterQuestion question(String iban) {
    return RegisterQuestion.of(RegisterName.ACCOUNTS, Map.of("iban", iban.replace(" ", "")));
  }

  /** The name the account is in; empty where there is no such account. */
  public static Optional<String> read(List<RegisterRow> rows) {
    return rows.stream().map(row -> row.text("holder")).findFirst();
  }

  public Optional<String> holder(String iban) {
    return read(registers.ask(question(iban)));
  }
}
