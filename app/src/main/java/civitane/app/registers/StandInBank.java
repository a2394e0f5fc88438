package civitane.app.registers;

import civitane.core.registers.BankRegister;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

@Component
class StandInBank implements BankRegister {
  static final String NAME = "accounts";

  private record Account(String iban, String holder) {}

  private final RegisterCalls calls;
  private final List<Account> accounts =
      RegisterFile.rows(NAME, row -> new Account(row.get("iban"), row.get("holder")));

  StandInBank(RegisterCalls calls) {
    this.calls = calls;
  }

  @Override
  public Optional<String> holder(String iban) {
    return calls.ask(
        NAME,
        () -> accounts.stream()
            .filter(account -> account.iban().equals(iban.replace(" ", "")))
            .map(Account::holder)
            .findFirst());
  }
}
