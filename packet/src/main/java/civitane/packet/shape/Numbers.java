package civitane.packet.shape;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Bounds of numbers, checked without ever writing a huge number out. */
final class Numbers {
  private static final int DIGITS_BEFORE = 9;
  static final int MONEY_DECIMALS = 2;
  static final int MOST_DECIMALS = 6;

  private Numbers() {}

  /** What is wrong with a number that may have so many decimals; null when nothing is. */
  static @Nullable String fault(BigDecimal number, int decimals) {
    if (number.signum() < 0) {
      return "it is negative";
    }
    if (number.signum() == 0) {
      return null;
    }
    if ((long) number.precision() - number.scale() > DIGITS_BEFORE) {
      return "it has more than nine digits before the decimals";
    }
    if (number.scale() > decimals && number.stripTrailingZeros().scale() > decimals) {
      return "it has more than " + (decimals == MONEY_DECIMALS ? "two" : "six") + " decimals";
    }
    return null;
  }
}
