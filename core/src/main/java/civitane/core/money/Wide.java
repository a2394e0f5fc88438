package civitane.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** A number too wide for the machine's own arithmetic: a decimal over a whole divisor above 0. */
record Wide(BigDecimal over, BigDecimal under) {

  Wide plus(Wide other) {
    return new Wide(
        over.multiply(other.under).add(other.over.multiply(under)), under.multiply(other.under));
  }

  Wide times(Wide factor) {
    return new Wide(over.multiply(factor.over), under.multiply(factor.under));
  }

  Wide dividedBy(Wide divisor) {
    var top = over.multiply(divisor.under);
    var bottom = under.multiply(divisor.over);
    return bottom.signum() < 0 ? new Wide(top.negate(), bottom.negate()) : new Wide(top, bottom);
  }

  Wide negated() {
    return new Wide(over.negate(), under);
  }

  Wide hundredth() {
    return new Wide(over.movePointLeft(2), under);
  }

  BigDecimal rounded(int places, RoundingMode mode) {
    return over.divide(under, places, mode);
  }

  int compareTo(Wide other) {
    return over.multiply(other.under).compareTo(other.over.multiply(under));
  }
}
