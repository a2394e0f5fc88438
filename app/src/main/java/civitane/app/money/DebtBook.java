package civitane.app.money;

import civitane.app.ledger.OfficeBook;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What a household owes the office, by the references of the debts. */
@Component
class DebtBook implements OfficeBook {
  private final Debts debts;

  DebtBook(Debts debts) {
    this.debts = debts;
  }

  @Override
  public String fact() {
    return "debts";
  }

  @Override
  public List<Map<String, Object>> rows(About about) {
    return about.household() == null
        ? List.of()
        : debts.of(about.household()).stream()
            // What an appeal is open about can't be asked for yet, so not in parts either.
            .filter(debt -> debt.appeal() == null)
            .map(debt -> Map.<String, Object>of(
                "ref", debt.ref(), "kind", debt.kind(), "amount", Amount.of(debt.amount())))
            .toList();
  }
}
