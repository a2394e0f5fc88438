package civitane.core.matching;

import civitane.core.registers.Street;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What was typed finds the street as it is written, with the number that was typed. */
public class AddressMatchTest {
  private static final List<Street> STREETS = List.of(
      new Street("Tide Row", "BK31", "Gullhaven"),
      new Street("Ropewalk", "BK33", "Gullhaven"),
      new Street("Ropewalk", "BK60", "Saltmarsh End"),
      new Street("Eelmonger Yard", "BK36", "Gullhaven"));

  private static AddressMatch first(String typed, String postcode) {
    return AddressMatch.of(STREETS, typed, postcode).get(0);
  }

  @Test
  public void whatIsWrittenRightIsExact() {
    assertTrue(first("12 Tide Row", "BK31").exact());
    assertTrue(first("12  tide row", "bk31").exact());
    assertFalse(first("12 Tide Row", "BK30").exact());
  }

  @Test
  public void aSlipFindsTheStreetAndKeepsTheNumber() {
    assertEquals(first("12 Tied Row", "BK31").line1(), "12 Tide Row");
    assertEquals(first("12b Tide Rwo", "BK31").line1(), "12b Tide Row");
    assertEquals(first("Eelmoger Yard 7/2", null).line1(), "7/2 Eelmonger Yard");
  }

  @Test
  public void thePostcodeDecidesBetweenStreetsOfOneName() {
    assertEquals(first("3 Ropewalk", "BK60").town(), "Saltmarsh End");
    assertEquals(AddressMatch.of(STREETS, "3 Ropewalk", null).size(), 2);
  }

  @Test
  public void whatIsNowhereNearFindsNothing() {
    assertEquals(AddressMatch.of(STREETS, "5 Boulevard Montclar", "BK31"), List.of());
    assertEquals(AddressMatch.of(STREETS, "5", "BK31"), List.of());
  }
}
