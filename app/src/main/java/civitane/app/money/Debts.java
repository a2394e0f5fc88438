package civitane.app.money;

import civitane.app.ledger.BookChanged;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.money.Amount;
import java.math.BigDecimal;
import java.sql.Date;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What households owe the office. */
@Service
public class Debts {
  private final DebtRows rows;
  private final Ledgers ledgers;
  private final JdbcClient database;
  private final ApplicationEventPublisher events;

  Debts(DebtRows rows, Ledgers ledgers, JdbcClient database, ApplicationEventPublisher events) {
    this.rows = rows;
    this.ledgers = ledgers;
    this.database = database;
    this.events = events;
  }

  /**
   * A debt that is still open.
   *
   * @param amount what is left of it, in euros
   * @param claim the claim by whose decision too much was given; null for a debt of another kind
   * @param cause whose cause that was; null for a debt of another kind
   * @param because why, as it was written; null for a debt of another kind
   * @param appeal the open appeal that makes it wait; null where there is none
   */
  public record Debt(
      String ref,
      String kind,
      BigDecimal amount,
      LocalDate since,
      @Nullable String claim,
      @Nullable String cause,
      @Nullable String because,
      @Nullable String appeal) {

    /** A debt that comes from no decision of a claim here. */
    public Debt(String ref, String kind, BigDecimal amount, LocalDate since) {
      this(ref, kind, amount, since, null, null, null, null);
    }
  }

  @Transactional(readOnly = true)
  public List<Debt> of(UUID household) {
    return rows.of(household);
  }

  /** Books a debt; whatever waits for it is asked again. */
  @Transactional
  public void book(Staff.Colleague by, UUID household, Debt debt) {
    database
        .sql(
            "insert into debt (ref, household_id, kind, amount, since) values (:ref, :household, :kind, :amount, :since)")
        .param("ref", debt.ref())
        .param("household", household)
        .param("kind", debt.kind())
        .param("amount", debt.amount())
        .param("since", Date.valueOf(debt.since()))
        .update();
    changed(by, household);
  }

  /** Tells whoever waits for it that what is owed is otherwise. */
  @Transactional(propagation = Propagation.MANDATORY)
  void changed(Staff.Colleague by, UUID household) {
    events.publishEvent(new BookChanged(household, by.login()));
  }

  /**
   * Lets a household off a debt, or a part of it.
   *
   * @return the debt as it was before
   */
  @Transactional
  public Debt letOff(Staff.Colleague by, UUID household, String ref, Amount much, String because) {
    // Held before it is read, so that of two who let off one after the other sees what is left.
    ledgers.hold(household);
    var debt = rows.of(household).stream()
        .filter(one -> one.ref().equals(ref))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("The debt"));
    if (!much.isPositive() || much.isAbove(Amount.of(debt.amount()))) {
      throw Problem.wrong(
          "At least one cent, and at most the €" + debt.amount() + " that are left.");
    }
    if (because.isBlank()) {
      throw Problem.wrong("Say why, as in \"told by phone in June, noted and not acted on\".");
    }
    rows.lessen(ref, much, because.strip(), by.login(), null);
    changed(by, household);
    return debt;
  }
}
