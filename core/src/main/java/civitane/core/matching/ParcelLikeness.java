package civitane.core.matching;

import civitane.core.registers.Parcel;
import civitane.core.registers.Sale;
import civitane.core.time.Months;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

/** How alike a sold parcel is to another: by area first, then by condition, then by how long ago it was sold. */
public final class ParcelLikeness {
  private static final BigDecimal PERCENT_A_STEP = BigDecimal.valueOf(6);
  private static final BigDecimal PERCENT_A_MONTH = new BigDecimal("0.5");
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

  private ParcelLikeness() {}

  /** The sales of other parcels up to a day, the most alike first. */
  public static List<Sale> mostAlikeFirst(Parcel subject, List<Sale> sales, LocalDate upTo) {
    return sales.stream()
        .filter(sale -> !sale.parcel().equals(subject.number()))
        .filter(sale -> !sale.soldOn().isAfter(upTo))
        .sorted(Comparator.<Sale, BigDecimal>comparing(sale -> distance(subject, sale, upTo))
            .thenComparing(Sale::parcel))
        .toList();
  }

  /** Per cent of area apart, with so many per cent for each step of condition and each month. */
  static BigDecimal distance(Parcel subject, Sale sale, LocalDate upTo) {
    var apart = sale.area()
        .subtract(subject.area())
        .abs()
        .multiply(HUNDRED)
        .divide(subject.area(), 4, RoundingMode.HALF_UP);
    var steps = BigDecimal.valueOf(Math.abs(sale.condition() - subject.condition()));
    var months = BigDecimal.valueOf(Months.wholeBetween(sale.soldOn(), upTo));
    return apart.add(steps.multiply(PERCENT_A_STEP)).add(months.multiply(PERCENT_A_MONTH));
  }
}
