package civitane.app.claims;

import civitane.app.ledger.Ledgers;
import civitane.core.facts.Acting;
import civitane.core.facts.SafeWays;
import civitane.core.facts.Way;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Where messages about a claim may be sent. */
@Component
public class Reaching {
  private final Claims claims;
  private final Ledgers ledgers;
  private final Clock clock;

  Reaching(Claims claims, Ledgers ledgers, Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.clock = clock;
  }

  /**
   * The ways, where it is told of news first; none once whoever applied has died. What somebody asks for alone is told to
   * nobody who acts for them.
   */
  @Transactional(readOnly = true)
  public List<Way> of(String number) {
    if (claims.isOfWhoDied(number)) {
      return List.of();
    }
    Collection<Acting> acting = claims.isPrivate(number)
        ? List.of()
        : ledgers.acting(claims.householdOf(number)).values();
    return SafeWays.of(claims.facts(number).packet().household(), acting, LocalDate.now(clock));
  }
}
