package civitane.core.rules;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;

/**
 * One line of the sum, as on a till slip.
 *
 * @param label what it is
 * @param value euros with their period, or a number with its unit
 */
public record Line(Reason label, Argument value) {

  public Line {
    if (!(value instanceof Argument.Money || value instanceof Argument.Quantity)) {
      throw new IllegalArgumentException("a line of a sum is a number, not " + value);
    }
  }

  public Amount amount() {
    return value instanceof Argument.Money money
        ? money.amount()
        : ((Argument.Quantity) value).number();
  }
}
