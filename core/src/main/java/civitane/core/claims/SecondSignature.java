package civitane.core.claims;

import civitane.core.awards.Award;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Finding;
import civitane.core.rules.Result;

/**
 * When somebody else has to sign before a decision stands: where it is decided otherwise than computed, and above a sum
 * in one award. (Some are drawn at random beside; that is no rule of the claim.)
 */
public final class SecondSignature {
  /** Euros in one award. */
  private static final Amount LIMIT = Amount.of("5000");

  private SecondSignature() {}

  /** Whether a decision is not the one that was computed. */
  public static boolean isOtherwise(Result result, boolean grants) {
    return grants != (result.outcome() == Finding.ENTITLED);
  }

  public static boolean isWanted(Result result, boolean grants) {
    return isOtherwise(result, grants)
        || grants && result.awards().stream().anyMatch(SecondSignature::isLarge);
  }

  private static boolean isLarge(Award award) {
    return award.much() instanceof Argument.Money money && money.amount().isAbove(LIMIT);
  }
}
