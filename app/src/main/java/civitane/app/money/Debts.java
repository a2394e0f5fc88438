package civitane.app.money;

import civitane.app.ledger.BookChanged;
import civitane.app.staff.Staff;
import java.math.BigDecimal;
import java.sql.Date;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What households owe the office. */
@Service
public class Debts {
  private final JdbcClient database;
  private final ApplicationEventPublisher events;

  Debts(JdbcClient database, ApplicationEventPublisher events) {
    this.database = database;
    this.events = events;
  }

  /** A debt that is still open, in euros. */
  public record Debt(String ref, String kind, BigDecimal amount, LocalDate since) {}

  @Transactional(readOnly = true)
  public List<Debt> of(UUID household) {
    return database
        .sql("""
            select ref, kind, amount, since from debt
            where household_id = :household and not settled order by since, ref
            """)
        .param("household", household)
        .query((row, n) -> new Debt(
            row.getString(1),
            row.getString(2),
            row.getBigDecimal(3),
            row.getDate(4).toLocalDate()))
        .list();
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
    events.publishEvent(new BookChanged(household, by.login()));
  }
}
