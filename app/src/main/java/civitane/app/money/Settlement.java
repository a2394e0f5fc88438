package civitane.app.money;

import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/**
 * What a decision makes of what was given too much.
 *
 * @param asked what it asks back; null where it asks nothing
 * @param less by how much less earlier decisions of its claim ask back, in euros
 */
public record Settlement(@Nullable Overpayment asked, Amount less) {
  public static final Settlement NOTHING = new Settlement(null, Amount.ZERO);
}
