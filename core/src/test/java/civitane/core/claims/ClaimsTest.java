package civitane.core.claims;

import civitane.core.rules.StandardTime;
import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Numbers, turns, states and the clock of claims. */
public class ClaimsTest {

  @Test
  public void aNumberCarriesItsCheckDigit() {
    assertEquals(new ClaimNumber(26, 4217).toString(), "BW-26-004217-1");
    assertEquals(ClaimNumber.parse(" bw-26-004217-1 ").orElseThrow(), new ClaimNumber(26, 4217));
    for (var wrong :
        List.of("BW-26-004217-6", "BW-26-004271-1", "BW-26-4217-1", "26-004217-1", "")) {
      assertTrue(ClaimNumber.parse(wrong).isEmpty(), wrong);
    }
  }

  @Test
  public void everyDigitTypedWronglyIsSeen() {
    var right = new ClaimNumber(26, 4217).toString();
    for (var i = 3; i < right.length(); i++) {
      for (var digit = '0'; digit <= '9'; digit++) {
        if (Character.isDigit(right.charAt(i)) && right.charAt(i) != digit) {
          var typed = right.substring(0, i) + digit + right.substring(i + 1);
          assertTrue(ClaimNumber.parse(typed).isEmpty(), typed);
        }
      }
    }
  }

  @Test
  public void itIsOurTurnWhenAnythingIsOurs() {
    assertEquals(Turn.of(List.of(Turn.HOUSEHOLD, Turn.THIRD_PARTY, Turn.OURS)), Turn.OURS);
    assertEquals(Turn.of(List.of(Turn.THIRD_PARTY, Turn.HOUSEHOLD)), Turn.HOUSEHOLD);
    assertEquals(Turn.of(List.of(Turn.THIRD_PARTY)), Turn.THIRD_PARTY);
    assertEquals(Turn.of(List.of()), Turn.OVER);
  }

  @Test
  public void aRunningNumberOfSevenDigitsIsReadBack() {
    for (var running : List.of(999_999, 1_000_000, 12_345_678)) {
      var number = new ClaimNumber(26, running);
      assertEquals(ClaimNumber.parse(number.toString()).orElseThrow(), number);
    }
    assertTrue(ClaimNumber.parse("BW-26-0004217-1").isEmpty(), "one way to write a number");
  }

  @Test
  public void eachDayThatStandsMovesTheDueDate() {
    var lodged = LocalDate.parse("2026-11-02");
    var clock = Clock.of(
        lodged,
        StandardTime.days(20),
        List.of(
            new Clock.Stretch(lodged, lodged.plusDays(3), Turn.OURS),
            new Clock.Stretch(lodged.plusDays(3), lodged.plusDays(8), Turn.HOUSEHOLD),
            new Clock.Stretch(lodged.plusDays(8), lodged.plusDays(9), Turn.THIRD_PARTY),
            new Clock.Stretch(lodged.plusDays(9), lodged.plusDays(11), Turn.OURS)));
    assertEquals(clock, new Clock(5, 6, LocalDate.parse("2026-11-30")), "the 28th is a Saturday");
  }
}
