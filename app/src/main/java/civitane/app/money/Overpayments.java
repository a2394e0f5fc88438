package civitane.app.money;

import civitane.app.staff.Staff;
import civitane.core.money.Amount;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What decisions ask back, claim by claim. */
@Service
public class Overpayments {
  private final DebtRows rows;
  private final Debts debts;

  Overpayments(DebtRows rows, Debts debts) {
    this.rows = rows;
    this.debts = debts;
  }

  /** How much a claim's decisions ask back so far, in euros. */
  @Transactional(readOnly = true)
  public Amount asked(UUID claim) {
    return rows.booked(claim).stream()
        .map(DebtRows.Booked::amount)
        .reduce(Amount.ZERO, Amount::plus);
  }

  /** Books what a decision makes of what was given too much; it counts once the decision stands. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void book(
      Staff.Colleague by,
      UUID household,
      String service,
      UUID claim,
      int decision,
      Settlement settlement) {
    var made = new DebtRows.By(claim, decision);
    var asked = settlement.asked();
    if (asked != null) {
      rows.book(household, service, made, asked);
    }
    lessen(by.login(), made, settlement.less());
    debts.changed(by, household);
  }

  /** Lessens what earlier decisions ask back, the latest of them first. */
  private void lessen(String who, DebtRows.By by, Amount much) {
    var left = much;
    for (var debt : rows.booked(by.claim())) {
      var part = left.atMost(debt.amount());
      if (part.isPositive()) {
        rows.lessen(debt.ref(), part, null, who, by);
        left = left.minus(part);
      }
    }
  }

  /** What a decision made of what was given too much, whether it stands yet or not. */
  @Transactional(readOnly = true)
  public Settlement of(UUID claim, int decision) {
    var by = new DebtRows.By(claim, decision);
    return new Settlement(rows.askedBy(by), rows.lessenedBy(by));
  }
}
