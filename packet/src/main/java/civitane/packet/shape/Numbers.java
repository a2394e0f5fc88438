package civitane.packet.shape;

import java.math.BigDecimal;
import java.util.Optional;

/** Bounds of numbers, checked without ever writing a huge number out. */
final class Numbers {
  private static final int DIGITS_BEFORE = 9;
  static final int MONEY_DECIMALS = 2;
  static final int MOST_DECIMALS = 6;

  private Numbers() {}

  /** What is wrong with a number that may have so many decimals; empty when nothing is. */
  static Optional<String> fault(BigDecimal number, int decimals) {
    if (number.signum() < 0) {
      return Optional.of("it is negative");
    }
    if (number.signum() == 0) {
      return Optional.empty();
    }
    if ((long) number.precision() - number.scale() > DIGITS_BEFORE) {
      return Optional.of("it has more than nine digits before the decimals");
    }
    if (number.stripTrailingZeros().scale() > decimals) {
      return Optional.of(
          "it has more than " + (decimals == MONEY_DECIMALS ? "two" : "six") + " decimals");
    }
    return Optional.empty();
  }

  static boolean isWhole(BigDecimal number) {
    return number.signum() == 0 || number.stripTrailingZeros().scale() <= 0;
  }
}
