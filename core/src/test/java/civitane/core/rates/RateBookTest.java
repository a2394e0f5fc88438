package civitane.core.rates;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Rate books are read exactly, and the right one is taken. */
public class RateBookTest {
  private static final RateShelf SHELF = RateShelf.shipped();

  @Test
  public void theNewestInForceIsTaken() {
    assertEquals(SHELF.on(LocalDate.parse("2026-06-30")).orElseThrow().name(), "2025-07");
    assertEquals(SHELF.on(LocalDate.parse("2026-07-01")).orElseThrow().name(), "2026-07");
    assertTrue(SHELF.on(LocalDate.parse("2025-06-30")).isEmpty());
  }

  @Test
  public void postcodesOfTheDistrictAreKnown() {
    var district = SHELF.on(LocalDate.parse("2026-07-01")).orElseThrow().district();
    for (var inside : new String[] {"BK10", "BK69", "bk 31"}) {
      assertTrue(district.covers(inside), inside);
    }
    for (var outside : new String[] {"BK9", "BK70", "BK", "AB31", "BK3x", "BK99999999999"}) {
      assertFalse(district.covers(outside), outside);
    }
  }

  @Test
  public void aBookWithAHoleSaysWhere() {
    var yaml =
        "book: x\nfrom: 2026-01-01\ndistrict: {postcodes: {prefix: BK, from: ten, to: 69}}\n";
    var fault = expectThrows(
        RateBookFault.class,
        () -> RateBook.read(new ByteArrayInputStream(yaml.getBytes(StandardCharsets.UTF_8))));
    assertEquals(
        fault.getMessage(), "rate book: district.postcodes.from is \"ten\", a number is wanted");
  }
}
