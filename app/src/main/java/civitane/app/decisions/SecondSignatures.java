package civitane.app.decisions;

import civitane.core.awards.Award;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Result;
import java.security.SecureRandom;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * When somebody else has to sign before a decision stands: where it is decided otherwise than computed, above a sum in
 * one award, and for some drawn at random.
 */
@Component
class SecondSignatures {
  /** Euros in one award. */
  private static final Amount LIMIT = Amount.of("5000");

  private final SecureRandom chance = new SecureRandom();
  private final int drawnEvery;

  /** @param drawnEvery one in so many is drawn; 0 for none */
  SecondSignatures(@Value("${civitane.drawn-every:20}") int drawnEvery) {
    this.drawnEvery = drawnEvery;
  }

  boolean isWanted(Result result, boolean grant, boolean otherwise) {
    return otherwise
        || grant && result.awards().stream().anyMatch(SecondSignatures::isLarge)
        || drawnEvery > 0 && chance.nextInt(drawnEvery) == 0;
  }

  private static boolean isLarge(Award award) {
    return award.much() instanceof Argument.Money money && money.amount().isAbove(LIMIT);
  }
}
