package civitane.app.claims;

import civitane.app.households.ActingChanged;
import civitane.app.ledger.Ledgers;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Whoever acts for a household and does not any more comes up on its open claims. */
@Service
class ActingOver {
  private final Claims claims;
  private final Ledgers ledgers;
  private final JdbcClient database;
  private final Clock clock;

  ActingOver(Claims claims, Ledgers ledgers, JdbcClient database, Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.database = database;
    this.clock = clock;
  }

  /** The households with open claims for whom somebody acts up to a day. */
  @Transactional(readOnly = true)
  public List<UUID> households() {
    return database.sql("""
            select distinct s.of_id from subject s join entry e on e.subject_id = s.id and e.field = 'until'
            where s.kind = 'ACTING' and exists (
              select 1 from claim c where c.household_id = s.of_id and c.state in ('LODGED', 'OPEN'))
            """).query(UUID.class).list();
  }

  /** Lets those of a household come up whose last day is over. */
  @Transactional
  public void of(UUID household) {
    var today = LocalDate.now(clock);
    ledgers.acting(household).forEach((subject, acting) -> {
      var until = acting.until();
      if (until != null && !acting.actsOn(today)) {
        claims.surface(
            household,
            Want.ACTING + subject,
            Why.ACTING_ENDED.with(Argument.told(acting.name()), Argument.day(until)));
      }
    });
  }

  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(ActingChanged changed) {
    of(changed.household());
  }
}
