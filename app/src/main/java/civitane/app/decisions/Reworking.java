package civitane.app.decisions;

import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** Works claims that were granted out again for another day, beside what was decided. */
@Service
public class Reworking {
  private final Claims claims;
  private final DeterminationRepository determinations;
  private final Ledgers ledgers;
  private final Screenings screenings;

  Reworking(
      Claims claims,
      DeterminationRepository determinations,
      Ledgers ledgers,
      Screenings screenings) {
    this.claims = claims;
    this.determinations = determinations;
    this.ledgers = ledgers;
    this.screenings = screenings;
  }

  /**
   * What becomes of what was granted.
   *
   * @param before in words, without the days from and until
   * @param after what the facts of the other day come to; an outcome where that is not all known
   */
  public record Effect(String number, String before, String after) {
    public boolean isNone() {
      return before.equals(after);
    }
  }

  /** A claim whose last decision grants, as if it were assessed for a day. */
  @Transactional(readOnly = true)
  public Effect of(String number, LocalDate on) {
    var decision = claims.decision(number).orElseThrow();
    var stored = determinations.findById(decision.determination()).orElseThrow();
    var decided =
        known(screenings.read(stored.packet().getBytes(StandardCharsets.UTF_8)).packet());
    var now = ledgers.assembled(claims.householdOf(number), claims.requestOf(number), on);
    return new Effect(number, words(decided), words(now));
  }

  private String words(Packet packet) {
    var result = screenings.results(packet, Mode.DETERMINE).get(0);
    var awards = awards(result);
    return awards.isEmpty()
        ? DeskWords.WORDS.word(result.outcome())
        : String.join("; ", awards) + ", " + DeskWords.WORDS.word(result.outcome());
  }

  private static List<String> awards(Result result) {
    return result.awards().stream()
        .map(award -> DeskWords.WORDS.award(result.service(), award.from(null).until(null)))
        .toList();
  }
}
