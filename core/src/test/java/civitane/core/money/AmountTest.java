package civitane.core.money;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Amounts are exact, and rounded only where it is asked for. */
public class AmountTest {

  @DataProvider
  public static Object[][] rounded() {
    return new Object[][] {
      {"0.005", "0.01", "0", "1", "0"},
      {"1.004", "1", "1", "2", "1"},
      {"2.5", "2.5", "2", "3", "3"},
      {"-0.5", "-0.5", "-1", "0", "-1"},
      {"430", "430", "430", "430", "430"},
      {"999999999.995", "1000000000", "999999999", "1000000000", "1000000000"},
    };
  }

  @Test(dataProvider = "rounded")
  public void isRoundedHalfUpDownAndUp(
      String number, String cents, String floor, String ceil, String euros) {
    assertEquals(Amount.of(number).round2(), Amount.of(cents));
    assertEquals(Amount.of(number).floor(), Amount.of(floor));
    assertEquals(Amount.of(number).ceil(), Amount.of(ceil));
    assertEquals(Amount.of(number).round0(), Amount.of(euros));
  }

  @Test
  public void aThirdTimesThreeIsWhole() {
    assertEquals(Amount.of(100).dividedBy(3).times(3), Amount.of(100));
    assertEquals(Amount.of(100).dividedBy(3).toDecimal().toPlainString(), "33.333333");
  }

  @Test
  public void isWrittenWithCentsAndGroups() {
    assertEquals(Amount.of("1234567.5").toString(), "1,234,567.50");
    assertEquals(Amount.of("-1234").toString(), "-1,234.00");
    assertEquals(Amount.of("999.999").toString(), "1,000.00");
    assertEquals(Amount.of("37.50").plain(), "37.5");
    assertEquals(Amount.of("100").plain(), "100");
  }

  @Test
  public void equalNumbersAreEqualHoweverTheyCameAbout() {
    var half = Amount.of(1).dividedBy(2);
    assertEquals(half, Amount.of("0.50"));
    assertEquals(half.hashCode(), Amount.of("0.5").hashCode());
  }

  @Test
  public void cannotBeDividedByNothing() {
    expectThrows(ArithmeticException.class, () -> Amount.of(1).dividedBy(Amount.ZERO));
  }

  @Test
  public void sumsDoNotDependOnTheOrder() {
    var random = new Random(7);
    for (var i = 0; i < 2_000; i++) {
      var a = Amount.of(random.nextInt(1_000_000)).dividedBy(1 + random.nextInt(60));
      var b = Amount.of(random.nextInt(1_000_000)).dividedBy(1 + random.nextInt(60));
      var c = Amount.of(random.nextInt(1_000_000)).dividedBy(100);
      assertEquals(a.plus(b).plus(c), c.plus(a).plus(b));
      assertEquals(a.minus(b).plus(b), a);
      assertTrue(a.distanceTo(b).compareTo(Amount.ZERO) >= 0);
    }
  }

  /** Whatever is done to numbers, narrow or wide, comes to what decimals over whole divisors come to. */
  @Test
  public void comesToTheSameAsDecimalsOfAnyLength() {
    var random = new Random(11);
    for (var i = 0; i < 20_000; i++) {
      var left = number(random);
      var right = number(random);
      var divisor = 1 + random.nextInt(60);
      var a = Amount.of(left).dividedBy(divisor);
      var b = Amount.of(right);
      var over = left.add(right.multiply(BigDecimal.valueOf(divisor)));
      same(a.plus(b), over, divisor);
      same(a.minus(b), left.subtract(right.multiply(BigDecimal.valueOf(divisor))), divisor);
      same(a.times(b), left.multiply(right), divisor);
      same(a.percent(b), left.multiply(right).movePointLeft(2), divisor);
      assertEquals(
          Integer.signum(a.compareTo(b)),
          left.compareTo(right.multiply(BigDecimal.valueOf(divisor))),
          left + " / " + divisor + " and " + right);
    }
  }

  private static BigDecimal number(Random random) {
    var digits = new BigInteger(2 + random.nextInt(100), random);
    return new BigDecimal(random.nextBoolean() ? digits : digits.negate(), random.nextInt(8) - 1);
  }

  private static void same(Amount found, BigDecimal over, int divisor) {
    var under = BigDecimal.valueOf(divisor);
    assertEquals(
        found.round2().toDecimal().compareTo(over.divide(under, 2, RoundingMode.HALF_UP)), 0);
    assertEquals(found.floor().toDecimal().compareTo(over.divide(under, 0, RoundingMode.FLOOR)), 0);
    assertEquals(
        found.ceil().toDecimal().compareTo(over.divide(under, 0, RoundingMode.CEILING)), 0);
    assertEquals(found.times(divisor), Amount.of(over));
  }
}
