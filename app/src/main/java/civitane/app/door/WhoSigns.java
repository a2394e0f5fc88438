package civitane.app.door;

import civitane.app.ledger.Ledgers;
import civitane.core.facts.ActingRight;
import civitane.core.facts.Person;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who may sign for whoever applied: they themselves, and whoever acts for them and was seen by the office. */
@Component
class WhoSigns {
  private final Ledgers ledgers;
  private final Clock clock;

  WhoSigns(Ledgers ledgers, Clock clock) {
    this.ledgers = ledgers;
    this.clock = clock;
  }

  OnScreen of(UUID household, Person applicant) {
    var today = LocalDate.now(clock);
    return OnScreen.of(
        applicant,
        ledgers.acting(household).values().stream()
            .filter(one -> one.right() != ActingRight.MAY_SPEAK && one.mayBeToldOn(today))
            .toList());
  }
}
