package civitane.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * An exact number, nearly always of euros.
 *
 * <p>Held as whole units over a power of ten and a whole divisor, so that a mean of three payslips or a twelfth of a
 * year is exact; what is too wide for that is held as decimals of any length.
 * Nothing is rounded unless {@link #round2}, {@link #floor} or {@link #ceil} is called.
 * Two amounts are equal when they stand for the same number.
 */
public final class Amount implements Comparable<Amount> {
  public static final Amount ZERO = new Amount(0, 0, 1);

  private static final int MOST_PLACES = 18;
  private static final int SHOWN_PLACES = 6;
  private static final long[] POWERS = powers();

  private final long units;
  private final int places;
  private final long divisor;
  private final @Nullable Wide wide;

  /** The units over ten to the power of the places, and over the divisor, which is above 0. */
  private Amount(long units, int places, long divisor) {
    this.units = units;
    this.places = places;
    this.divisor = divisor;
    this.wide = null;
  }

  private Amount(Wide wide) {
    this.units = 0;
    this.places = 0;
    this.divisor = 1;
    this.wide = wide;
  }

  private static long[] powers() {
    var powers = new long[MOST_PLACES + 1];
    powers[0] = 1;
    for (var i = 1; i <= MOST_PLACES; i++) {
      powers[i] = powers[i - 1] * 10;
    }
    return powers;
  }

  public static Amount of(BigDecimal value) {
    var plain = value.scale() < 0 && value.precision() - value.scale() <= MOST_PLACES
        ? value.setScale(0)
        : value;
    return plain.scale() >= 0 && plain.scale() <= MOST_PLACES && plain.precision() <= MOST_PLACES
        ? new Amount(plain.unscaledValue().longValue(), plain.scale(), 1)
        : new Amount(new Wide(value, BigDecimal.ONE));
  }

  public static Amount of(long value) {
    return new Amount(value, 0, 1);
  }

  /** Reads plain decimal digits, as in {@code 430.50}. Throws {@link NumberFormatException} for anything else. */
  public static Amount of(String digits) {
    return of(new BigDecimal(digits));
  }

  private Wide wide() {
    return wide != null
        ? wide
        : new Wide(BigDecimal.valueOf(units, places), BigDecimal.valueOf(divisor));
  }

  private static boolean isProductWide(long one, long other) {
    var high = Math.multiplyHigh(one, other);
    var low = one * other;
    return high != low >> Long.SIZE - 1;
  }

  public Amount plus(Amount other) {
    if (wide == null && other.wide == null) {
      var same = divisor == other.divisor;
      var mine = same ? 1 : other.divisor;
      var theirs = same ? 1 : divisor;
      var most = Math.max(places, other.places);
      if (!isProductWide(mine, POWERS[most - places])
          && !isProductWide(theirs, POWERS[most - other.places])
          && !isProductWide(units, mine * POWERS[most - places])
          && !isProductWide(other.units, theirs * POWERS[most - other.places])
          && !isProductWide(divisor, mine)) {
        var left = units * mine * POWERS[most - places];
        var right = other.units * theirs * POWERS[most - other.places];
        var sum = left + right;
        if (((left ^ sum) & (right ^ sum)) >= 0) {
          return new Amount(sum, most, divisor * mine);
        }
      }
    }
    return new Amount(wide().plus(other.wide()));
  }

  public Amount minus(Amount other) {
    return plus(other.negated());
  }

  public Amount negated() {
    return wide == null && units != Long.MIN_VALUE
        ? new Amount(-units, places, divisor)
        : new Amount(wide().negated());
  }

  public Amount times(long factor) {
    return wide == null && !isProductWide(units, factor)
        ? new Amount(units * factor, places, divisor)
        : new Amount(wide().times(of(factor).wide()));
  }

  public Amount times(Amount factor) {
    return wide == null
            && factor.wide == null
            && places + factor.places <= MOST_PLACES
            && !isProductWide(units, factor.units)
            && !isProductWide(divisor, factor.divisor)
        ? new Amount(units * factor.units, places + factor.places, divisor * factor.divisor)
        : new Amount(wide().times(factor.wide()));
  }

  /** This over the divisor. Throws {@link ArithmeticException} for a divisor of 0. */
  public Amount dividedBy(Amount other) {
    if (other.isZero()) {
      throw new ArithmeticException("an amount can't be divided by 0");
    }
    return wide == null && other.wide == null && other.places == 0 && other.divisor == 1
        ? dividedBy(other.units)
        : new Amount(wide().dividedBy(other.wide()));
  }

  /** This over the divisor. Throws {@link ArithmeticException} for a divisor of 0. */
  public Amount dividedBy(long other) {
    if (other == 0) {
      throw new ArithmeticException("an amount can't be divided by 0");
    }
    if (wide == null && other > 0 && !isProductWide(divisor, other)) {
      return units % other == 0
          ? new Amount(units / other, places, divisor)
          : new Amount(units, places, divisor * other);
    }
    return new Amount(wide().dividedBy(of(other).wide()));
  }

  /** That many per cent of this. */
  public Amount percent(Amount percent) {
    var product = times(percent);
    return product.wide == null && product.places + 2 <= MOST_PLACES
        ? new Amount(product.units, product.places + 2, product.divisor)
        : new Amount(product.wide().hundredth());
  }

  /** Half up to the cent. */
  public Amount round2() {
    return rounded(2, RoundingMode.HALF_UP);
  }

  /** Half up to the whole euro. */
  public Amount round0() {
    return rounded(0, RoundingMode.HALF_UP);
  }

  /** Down to the cent. */
  public Amount floor2() {
    return rounded(2, RoundingMode.FLOOR);
  }

  /** Down to the whole euro. */
  public Amount floor() {
    return rounded(0, RoundingMode.FLOOR);
  }

  /** Up to the whole euro. */
  public Amount ceil() {
    return rounded(0, RoundingMode.CEILING);
  }

  private Amount rounded(int kept, RoundingMode mode) {
    if (wide != null) {
      return of(wide.rounded(kept, mode));
    }
    if (divisor == 1 && places <= kept) {
      return this;
    }
    var more = POWERS[Math.max(0, kept - places)];
    var fewer = POWERS[Math.max(0, places - kept)];
    if (isProductWide(units, more) || isProductWide(divisor, fewer)) {
      return of(wide().rounded(kept, mode));
    }
    return new Amount(divided(units * more, divisor * fewer, mode), kept, 1);
  }

  private static long divided(long top, long bottom, RoundingMode mode) {
    var whole = top / bottom;
    var rest = top % bottom;
    if (rest == 0) {
      return whole;
    }
    return switch (mode) {
      case FLOOR -> rest < 0 ? whole - 1 : whole;
      case CEILING -> rest > 0 ? whole + 1 : whole;
      default -> Math.abs(rest) >= bottom - Math.abs(rest) ? whole + Long.signum(top) : whole;
    };
  }

  /** This, or 0 when it is below 0. */
  public Amount notBelowZero() {
    return signum() < 0 ? ZERO : this;
  }

  public Amount atMost(Amount cap) {
    return compareTo(cap) <= 0 ? this : cap;
  }

  public Amount atLeast(Amount floor) {
    return compareTo(floor) >= 0 ? this : floor;
  }

  public Amount distanceTo(Amount other) {
    var difference = minus(other);
    return difference.signum() < 0 ? difference.negated() : difference;
  }

  public boolean isWithin(Amount limit) {
    return compareTo(limit) <= 0;
  }

  public boolean isAbove(Amount other) {
    return compareTo(other) > 0;
  }

  public boolean isPositive() {
    return signum() > 0;
  }

  public boolean isZero() {
    return signum() == 0;
  }

  private int signum() {
    return wide == null ? Long.signum(units) : wide.over().signum();
  }

  /** Whether it is a whole number of a machine's width, as counts and most limits are. */
  public boolean isWhole() {
    return wide == null && divisor == 1 && units % POWERS[places] == 0;
  }

  /** The whole number it is; read only when {@link #isWhole}. */
  public long toWhole() {
    return units / POWERS[places];
  }

  /** The number as a decimal without needless zeros; to six places, half up, where it would not end. */
  public BigDecimal toDecimal() {
    if (wide == null && divisor == 1) {
      var short10 = units;
      var kept = places;
      while (kept > 0 && short10 % 10 == 0) {
        short10 /= 10;
        kept--;
      }
      return BigDecimal.valueOf(short10, kept);
    }
    var exact = wide != null && wide.under().compareTo(BigDecimal.ONE) == 0
        ? wide.over()
        : wide().rounded(SHOWN_PLACES, RoundingMode.HALF_UP);
    if (exact.signum() == 0) {
      return BigDecimal.ZERO;
    }
    var stripped = exact.stripTrailingZeros();
    return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
  }

  @Override
  public int compareTo(Amount other) {
    if (wide == null && other.wide == null) {
      var most = Math.max(places, other.places);
      var mine = POWERS[most - places];
      var theirs = POWERS[most - other.places];
      if (!isProductWide(units, mine) && !isProductWide(other.units, theirs)) {
        var left = units * mine;
        var right = other.units * theirs;
        if (divisor == other.divisor) {
          return Long.compare(left, right);
        }
        if (!isProductWide(left, other.divisor) && !isProductWide(right, divisor)) {
          return Long.compare(left * other.divisor, right * divisor);
        }
      }
    }
    return wide().compareTo(other.wide());
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
    var cents = rounded(2, RoundingMode.HALF_UP);
    var written = cents.wide == null && !isProductWide(cents.units, POWERS[2 - cents.places])
        ? Long.toString(cents.units * POWERS[2 - cents.places])
        : cents.toDecimal().setScale(2).unscaledValue().toString();
    var negative = written.charAt(0) == '-';
    var digits = negative ? written.substring(1) : written;
    while (digits.length() < 3) {
      digits = "0" + digits;
    }
    var whole = digits.length() - 2;
    var text = new StringBuilder(digits.length() + whole / 3 + 2);
    if (negative) {
      text.append('-');
    }
    for (var i = 0; i < whole; i++) {
      if (i > 0 && (whole - i) % 3 == 0) {
        text.append(',');
      }
      text.append(digits.charAt(i));
    }
    return text.append('.').append(digits, whole, digits.length()).toString();
  }

  /** The number as short as can be, for counts and per cents: {@code 14}, {@code 37.5}. */
  public String plain() {
    return isWhole() ? Long.toString(toWhole()) : toDecimal().toPlainString();
  }
}
