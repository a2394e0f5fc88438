package civitane.core.matching;

import civitane.core.money.Amount;
import civitane.core.registers.Parcel;
import civitane.core.registers.Sale;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Nearby sales, the most alike first. */
public class ParcelLikenessTest {
  private static final LocalDate VALUED = LocalDate.parse("2026-01-01");
  private static final Parcel SUBJECT = new Parcel(
      "P-100",
      "4 Tide Row",
      "BK31",
      "Gullhaven",
      "Rui Valdeira",
      null,
      "house",
      new BigDecimal("120"),
      3,
      Amount.of(210_000),
      VALUED);

  private static Sale sale(String parcel, String area, int condition, String soldOn) {
    return new Sale(
        parcel,
        "6 Tide Row",
        "BK31",
        LocalDate.parse(soldOn),
        Amount.of(200_000),
        new BigDecimal(area),
        condition);
  }

  @Test
  public void areaConditionAndTimeAreAddedUp() {
    // 12 of 120 square metres are 10 per cent; two steps 12; three whole months 1.5.
    assertEquals(
        ParcelLikeness.distance(SUBJECT, sale("P-1", "132", 5, "2025-10-01"), VALUED)
            .compareTo(new BigDecimal("23.5")),
        0);
    assertEquals(
        ParcelLikeness.distance(SUBJECT, sale("P-1", "120", 3, "2025-12-02"), VALUED)
            .signum(),
        0);
  }

  @Test
  public void theMostAlikeComesFirst() {
    var larger = sale("P-1", "150", 3, "2025-12-15");
    var older = sale("P-2", "120", 3, "2024-12-15");
    var same = sale("P-3", "121", 3, "2025-12-15");
    var worn = sale("P-4", "120", 1, "2025-12-15");
    assertEquals(
        ParcelLikeness.mostAlikeFirst(SUBJECT, List.of(larger, older, same, worn), VALUED),
        List.of(same, older, worn, larger));
  }

  @Test
  public void theSubjectItselfAndLaterSalesAreLeftOut() {
    var itself = sale("P-100", "120", 3, "2025-12-15");
    var later = sale("P-5", "120", 3, "2026-01-02");
    var onTheDay = sale("P-6", "120", 3, "2026-01-01");
    assertEquals(
        ParcelLikeness.mostAlikeFirst(SUBJECT, List.of(itself, later, onTheDay), VALUED),
        List.of(onTheDay));
  }

  @Test
  public void equallyAlikeOnesStandByTheirNumber() {
    var one = sale("P-7", "126", 3, "2025-12-15");
    var other = sale("P-8", "114", 3, "2025-12-15");
    assertEquals(
        ParcelLikeness.mostAlikeFirst(SUBJECT, List.of(other, one), VALUED), List.of(one, other));
  }
}
