package civitane.app.money;

import civitane.core.awards.DebtCause;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import java.math.BigDecimal;
import java.sql.Date;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * The rows of debts: only added, never changed. What comes from a decision counts while the decision stands, so that a
 * decision taken back leaves no debt, and one that waits for a second signature has none yet.
 */
@Component
class DebtRows {
  private static final String LEFT = """
      d.amount - coalesce((
        select sum(l.amount) from debt_less l
        left join claim_decision by on by.claim_id = l.claim_id and by.nr = l.decision_nr
        where l.ref = d.ref and (l.claim_id is null or by.state = 'STANDS')), 0)
      """;

  private final JdbcClient database;
  private final Clock clock;

  DebtRows(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * A decision of a claim.
   *
   * @param decision which of the claim's, from 1
   */
  record By(UUID claim, int decision) {
    /** A chain of decisions is kept from 0 on. */
    int nr() {
      return decision - 1;
    }
  }

  List<Debts.Debt> of(UUID household) {
    return database
        .sql("""
            select d.ref, d.kind, left_over, d.since, c.number, d.cause, d.because, (
              select min(a.number) from claim a join entry e on e.subject_id = a.request_id
              where a.household_id = d.household_id and a.service = 'decisionAppeal'
                and a.state in ('LODGED', 'OPEN') and e.field = 'decision' and e.value = to_json(c.number)::text)
            from debt d
            cross join lateral (select %s as left_over) rest
            left join claim c on c.id = d.claim_id
            left join claim_decision s on s.claim_id = d.claim_id and s.nr = d.decision_nr
            where d.household_id = :household and left_over > 0 and (d.claim_id is null or s.state = 'STANDS')
            order by d.since, d.ref
            """.formatted(LEFT))
        .param("household", household)
        .query((row, n) -> new Debts.Debt(
            row.getString(1),
            row.getString(2),
            row.getBigDecimal(3),
            row.getDate(4).toLocalDate(),
            row.getString(5),
            word(row.getString(6)),
            row.getString(7),
            row.getString(8)))
        .list();
  }

  private static @Nullable String word(@Nullable String cause) {
    return cause == null ? null : ((Word) DebtCause.valueOf(cause)).word();
  }

  void book(UUID household, String kind, By by, Overpayment debt) {
    database
        .sql("""
            insert into debt (ref, household_id, kind, amount, since, claim_id, decision_nr, until, cause, because)
            values (:ref, :household, :kind, :amount, :since, :claim, :nr, :until, :cause, :because)
            """)
        .param("ref", debt.ref())
        .param("household", household)
        .param("kind", kind)
        .param("amount", debt.amount().toDecimal())
        .param("since", Date.valueOf(debt.from()))
        .param("claim", by.claim())
        .param("nr", by.nr())
        .param("until", Date.valueOf(debt.until()))
        .param("cause", debt.cause().name())
        .param("because", debt.because())
        .update();
  }

  /** @param by the decision that lessens it; null where a person lets them off */
  void lessen(String ref, Amount much, @Nullable String because, String who, @Nullable By by) {
    database
        .sql("""
            insert into debt_less (ref, amount, because, lessened_by, lessened_at, claim_id, decision_nr)
            values (:ref, :amount, :because, :who, :at, :claim, :nr)
            """)
        .param("ref", ref)
        .param("amount", much.toDecimal())
        .param("because", because)
        .param("who", who)
        .param("at", OffsetDateTime.now(clock))
        .param("claim", by == null ? null : by.claim())
        .param("nr", by == null ? null : by.nr())
        .update();
  }

  /** What a claim's decisions asked back so far, less what later ones lessened; whether it is paid or let off does not count. */
  List<Booked> booked(UUID claim) {
    return database
        .sql("""
            select d.ref, d.amount - coalesce((
              select sum(l.amount) from debt_less l
              join claim_decision by on by.claim_id = l.claim_id and by.nr = l.decision_nr
              where l.ref = d.ref and by.state = 'STANDS'), 0)
            from debt d join claim_decision s on s.claim_id = d.claim_id and s.nr = d.decision_nr
            where d.claim_id = :claim and s.state = 'STANDS' order by d.decision_nr desc
            """)
        .param("claim", claim)
        .query((row, n) -> new Booked(row.getString(1), Amount.of(row.getBigDecimal(2))))
        .list();
  }

  /** A debt of a claim and how much of it its decisions ask back, in euros. */
  record Booked(String ref, Amount amount) {}

  /** What a decision asked back, whether it stands yet or not. */
  @Nullable
  Overpayment askedBy(By by) {
    return database
        .sql("""
            select ref, amount, since, until, cause, because from debt
            where claim_id = :claim and decision_nr = :nr
            """)
        .param("claim", by.claim())
        .param("nr", by.nr())
        .query((row, n) -> new Overpayment(
            row.getString(1),
            Amount.of(row.getBigDecimal(2)),
            row.getDate(3).toLocalDate(),
            row.getDate(4).toLocalDate(),
            DebtCause.valueOf(row.getString(5)),
            row.getString(6)))
        .optional()
        .orElse(null);
  }

  /** By how much a decision lessened what earlier ones ask back, in euros. */
  Amount lessenedBy(By by) {
    return Amount.of(database
        .sql(
            "select coalesce(sum(amount), 0) from debt_less where claim_id = :claim and decision_nr = :nr")
        .param("claim", by.claim())
        .param("nr", by.nr())
        .query(BigDecimal.class)
        .single());
  }
}
