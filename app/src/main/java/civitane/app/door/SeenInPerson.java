package civitane.app.door;

import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.core.facts.Household;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Whether the office has seen who applies for a household, by a photo paper and another; nobody acts for them, and where
 * they live is hidden from nobody.
 */
@Component
class SeenInPerson {
  private final Ledgers ledgers;
  private final Screenings screenings;

  SeenInPerson(Ledgers ledgers, Screenings screenings) {
    this.ledgers = ledgers;
    this.screenings = screenings;
  }

  /** The household as it is known, where that is so. */
  Optional<Household> of(UUID household) {
    var packet = ledgers.household(household).packet();
    var isSeen = !packet.household().address().hidden()
        && ledgers.acting(household).isEmpty()
        && Identity.of(
                    packet.household(),
                    packet.household().applicant(),
                    packet.papers(),
                    packet.asOf(),
                    screenings.book(packet).recentDays())
                .level()
            == IdentityLevel.STANDARD;
    return isSeen ? Optional.of(packet.household()) : Optional.empty();
  }
}
