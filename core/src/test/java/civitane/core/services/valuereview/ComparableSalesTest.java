package civitane.core.services.valuereview;

import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.services.valuereview.ValueReviewAnswers.ComparableSale;
import civitane.core.services.valuereview.ValueReviewAnswers.Subject;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Sales made comparable: trend by the month, area at the margin, condition by the step; and their median. */
public class ComparableSalesTest {
  private static final LocalDate VALUED = LocalDate.parse("2026-01-01");
  private static final ValueReviewTerms TERMS =
      ValueReviewTerms.of(RateShelf.shipped().on(LocalDate.parse("2026-11-23")).orElseThrow());
  private static final Subject SUBJECT = new Subject(Amount.of(100), 3);

  private static ComparableSale sale(String soldOn, int price, int area, int condition) {
    return new ComparableSale(
        null, LocalDate.parse(soldOn), Amount.of(price), Amount.of(area), condition);
  }

  private static ComparableSales of(ComparableSale... sales) {
    return new ComparableSales(List.of(sales), SUBJECT, VALUED, TERMS);
  }

  private static void adjusted(ComparableSale sale, int to) {
    assertEquals(of(sale).adjusted(), List.of(Amount.of(to)));
  }

  @Test
  public void aSaleOfTheSameIsItsPrice() {
    adjusted(sale("2026-01-01", 200_000, 100, 3), 200_000);
  }

  @Test
  public void theTrendGoesByWholeMonths() {
    // 200,000 x (1 + 0.35 % x 12) = 208,400.
    adjusted(sale("2025-01-01", 200_000, 100, 3), 208_400);
    // One day less than twelve months: eleven of them, 207,700.
    adjusted(sale("2025-01-02", 200_000, 100, 3), 207_700);
    adjusted(sale("2025-12-02", 200_000, 100, 3), 200_000);
  }

  @Test
  public void areaCountsAtTheMarginAndConditionByTheStep() {
    // (100 - 80) x 45 % x 160,000 / 80 = 18,000.
    adjusted(sale("2026-01-01", 160_000, 80, 3), 178_000);
    // (100 - 125) x 45 % x 200,000 / 125 = -18,000.
    adjusted(sale("2026-01-01", 200_000, 125, 3), 182_000);
    // Two steps worse than the subject: 5 % more; one better: 2.5 % less.
    adjusted(sale("2026-01-01", 200_000, 100, 1), 210_000);
    adjusted(sale("2026-01-01", 200_000, 100, 4), 195_000);
  }

  @Test
  public void allThreeInTheirOrderAndRoundedOnlyAtTheEnd() {
    // t = 151,250 x 1.021 = 154,426.25; area: 20 x 45 % x 154,426.25 / 80 = 17,372.953125;
    // 171,799.203125 x 1.025 = 176,094.18...
    adjusted(sale("2025-07-01", 151_250, 80, 2), 176_094);
  }

  @Test
  public void onlySalesOfTheMonthsBeforeAreUsable() {
    var sales = of(
        sale("2023-07-01", 200_000, 100, 3),
        sale("2023-06-30", 300_000, 100, 3),
        sale("2026-01-01", 210_000, 100, 3),
        sale("2026-01-02", 400_000, 100, 3));
    assertEquals(sales.usable(), 2);
    assertFalse(sales.leavesOut());
    assertEquals(sales.byPlace().keySet().toString(), "[0, 2]");
  }

  @Test
  public void ofManyTheNearestInAreaAreUsedAndTheEarlierOfTwoAsNear() {
    var sales = new ArrayList<ComparableSale>();
    for (var area : new int[] {130, 90, 110, 95, 105, 100, 80, 120, 70}) {
      sales.add(sale("2026-01-01", area * 1_000, area, 3));
    }
    var used = new ComparableSales(sales, SUBJECT, VALUED, TERMS);
    assertEquals(used.usable(), 9);
    assertTrue(used.leavesOut());
    // 80 and 120 are as near, and both still fit; 130 and 70 do not.
    assertEquals(used.byPlace().keySet().toString(), "[1, 2, 3, 4, 5, 6, 7]");
    sales.add(1, sale("2026-01-01", 120_000, 120, 3));
    assertEquals(
        new ComparableSales(sales, SUBJECT, VALUED, TERMS).byPlace().keySet().toString(),
        "[1, 2, 3, 4, 5, 6, 7]",
        "the 120 that stands first, and the 80, not the 120 that stands last");
  }

  @Test
  public void theMedianOfAnEvenNumberIsAMeanOfTwo() {
    var low = sale("2026-01-01", 150_000, 100, 3);
    var middle = sale("2026-01-01", 180_001, 100, 3);
    var high = sale("2026-01-01", 200_000, 100, 3);
    assertEquals(of(low).indicated(), Amount.of(150_000));
    assertEquals(of(high, low, middle).indicated(), Amount.of(180_001));
    assertEquals(of(middle, high).indicated(), Amount.of(190_001), "190,000.50, half up");
  }
}
