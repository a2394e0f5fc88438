package civitane.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An exact number, nearly always of euros.
 *
 * <p>Held as a decimal over a whole divisor, so that a mean of three payslips or a twelfth of a year is exact.
 * Nothing is rounded unless {@link #round2}, {@link #floor} or {@link #ceil} is called.
 * Two amounts are equal when they stand for the same number.
 */
public final class Amount implements Comparable<Amount> {
  public static final Amount ZERO = new Amount(BigDecimal.ZERO, BigDecimal.ONE);

  private final BigDecimal over;
  private final BigDecimal under;

  private Amount(BigDecimal over, BigDecimal under) {
    this.over = over;
    this.under = under;
  }

  public static Amount of(BigDecimal value) {
    return new Amount(value, BigDecimal.ONE);
  }

  public static Amount of(long value) {
    return new Amount(BigDecimal.valueOf(value), BigDecimal.ONE);
  }

  /** Reads plain decimal digits, as in {@code 430.50}. Throws {@link NumberFormatException} for anything else. */
  public static Amount of(String digits) {
    return of(new BigDecimal(digits));
  }

  public Amount plus(Amount other) {
    if (under == other.under) {
      return new Amount(over.add(other.over), under);
    }
    return new Amount(
        over.multiply(other.under).add(other.over.multiply(under)), under.multiply(other.under));
  }

  public Amount minus(Amount other) {
    return plus(other.negated());
  }

  public Amount negated() {
    return new Amount(over.negate(), under);
  }

  public Amount times(long factor) {
    return new Amount(over.multiply(BigDecimal.valueOf(factor)), under);
  }

  public Amount times(Amount factor) {
    return new Amount(
        over.multiply(factor.over),
        under == BigDecimal.ONE
            ? factor.under
            : factor.under == BigDecimal.ONE ? under : under.multiply(factor.under));
  }

  /** This over the divisor. Throws {@link ArithmeticException} for a divisor of 0. */
  public Amount dividedBy(Amount divisor) {
    if (divisor.over.signum() == 0) {
      throw new ArithmeticException("an amount can't be divided by 0");
    }
    var top = over.multiply(divisor.under);
    var bottom = under.multiply(divisor.over);
    return bottom.signum() < 0
        ? new Amount(top.negate(), bottom.negate())
        : new Amount(top, bottom);
  }

  public Amount dividedBy(long divisor) {
    return dividedBy(of(divisor));
  }

  /** That many per cent of this. */
  public Amount percent(Amount percent) {
    return times(percent).hundredth();
  }

  private Amount hundredth() {
    return new Amount(over.movePointLeft(2), under);
  }

  /** Half up to the cent. */
  public Amount round2() {
    return of(rounded(2, RoundingMode.HALF_UP));
  }

  /** Half up to the whole euro. */
  public Amount round0() {
    return of(rounded(0, RoundingMode.HALF_UP));
  }

  /** Down to the cent. */
  public Amount floor2() {
    return of(rounded(2, RoundingMode.FLOOR));
  }

  /** Down to the whole euro. */
  public Amount floor() {
    return of(rounded(0, RoundingMode.FLOOR));
  }

  /** Up to the whole euro. */
  public Amount ceil() {
    return of(rounded(0, RoundingMode.CEILING));
  }

  private BigDecimal rounded(int places, RoundingMode mode) {
    return under == BigDecimal.ONE ? over.setScale(places, mode) : over.divide(under, places, mode);
  }

  /** This, or 0 when it is below 0. */
  public Amount notBelowZero() {
    return over.signum() < 0 ? ZERO : this;
  }

  public Amount atMost(Amount cap) {
    return compareTo(cap) <= 0 ? this : cap;
  }

  public Amount atLeast(Amount floor) {
    return compareTo(floor) >= 0 ? this : floor;
  }

  public Amount distanceTo(Amount other) {
    var difference = minus(other);
    return difference.over.signum() < 0 ? difference.negated() : difference;
  }

  public boolean isWithin(Amount limit) {
    return compareTo(limit) <= 0;
  }

  public boolean isAbove(Amount other) {
    return compareTo(other) > 0;
  }

  public boolean isPositive() {
    return over.signum() > 0;
  }

  public boolean isZero() {
    return over.signum() == 0;
  }

  /** The number as a decimal without needless zeros; to six places, half up, where it would not end. */
  public BigDecimal toDecimal() {
    var exact = under == BigDecimal.ONE ? over : over.divide(under, 6, RoundingMode.HALF_UP);
    if (exact.signum() == 0) {
      return BigDecimal.ZERO;
    }
    var stripped = exact.stripTrailingZeros();
    return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
  }

  @Override
  public int compareTo(Amount other) {
    return under == other.under
        ? over.compareTo(other.over)
        : over.multiply(other.under).compareTo(other.over.multiply(under));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Amount amount && compareTo(amount) == 0;
  }

  @Override
  public int hashCode() {
    return toDecimal().hashCode();
  }

  /** The number in words' clothing: {@code 1,234.50}, to the cent, half up. */
  @Override
  public String toString() {
    var cents = rounded(2, RoundingMode.HALF_UP).toPlainString();
    var negative = cents.startsWith("-");
    var whole = cents.substring(negative ? 1 : 0, cents.length() - 3);
    var grouped = new StringBuilder(cents.length() + 4);
    for (var i = 0; i < whole.length(); i++) {
      if (i > 0 && (whole.length() - i) % 3 == 0) {
        grouped.append(',');
      }
      grouped.append(whole.charAt(i));
    }
    return (negative ? "-" : "") + grouped + cents.substring(cents.length() - 3);
  }

  /** The number as short as can be, for counts and per cents: {@code 14}, {@code 37.5}. */
  public String plain() {
    return toDecimal().toPlainString();
  }
}
