package civitane.core.facts;

import civitane.core.money.Amount;
import civitane.core.services.Services;
import civitane.core.services.WorkedCase;
import civitane.core.services.housinglist.HousingListAnswers;
import civitane.core.services.paymentarrangement.PaymentArrangementAnswers;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What a household may say of a request, what it was only told, and what the office's books fill in. */
public class HouseholdsWordTest {

  @Test
  public void whatIsNotTheirsIsTakenOutAndKeptAsHearsay() {
    var seen = new HashSet<WhoseWord>();
    for (var one : WorkedCase.all()) {
      var own = HouseholdsWord.of(one.packet());
      for (var hearsay : own.hearsay()) {
        var service = Services.named(serviceAt(one.packet(), hearsay.pointer())).orElseThrow();
        assertEquals(service.whose(hearsay.pointer()), hearsay.whose(), hearsay.pointer());
        seen.add(hearsay.whose());
      }
      assertTrue(HouseholdsWord.of(own.packet()).hearsay().isEmpty(), one.name());
      assertEquals(own.packet().household(), one.packet().household());
      if (own.hearsay().isEmpty()) {
        assertEquals(own.packet(), one.packet(), one.name());
      }
    }
    assertEquals(seen, java.util.Set.of(WhoseWord.OFFICE, WhoseWord.THIRD_PARTY));
  }

  private static String serviceAt(Packet packet, String pointer) {
    return packet.requests().get(Integer.parseInt(pointer.split("/")[2])).service();
  }

  @Test
  public void aBookFillsInTheRestOfARowByWhatTheHouseholdSaysOfIt() {
    var answers = new HousingListAnswers(
        List.of(
            new HousingListAnswers.WaitingList("A", null, null),
            new HousingListAnswers.WaitingList("B", false, null),
            new HousingListAnswers.WaitingList("C", null, null)),
        false,
        List.of(),
        false,
        false,
        null,
        null);
    List<Map<String, Object>> book = List.of(
        Map.of("code", "A", "open", true, "incomePercent", Amount.of(60)),
        Map.of("code", "B", "open", true, "incomePercent", Amount.of(80)));
    var filled = (HousingListAnswers)
        FilledIn.of(answers, fact -> fact.equals("waitingLists") ? book : List.of());
    assertEquals(
        filled.lists(),
        List.of(
            new HousingListAnswers.WaitingList("A", true, Amount.of(60)),
            new HousingListAnswers.WaitingList("B", false, Amount.of(80)),
            new HousingListAnswers.WaitingList("C", null, null)),
        "what was set stays, what no book has stays open");
  }

  @Test
  public void whereNothingWasToldNoBookIsAsked() {
    var nothing = new PaymentArrangementAnswers(null, null, null, null, null, null, null);
    assertEquals(FilledIn.of(nothing, fact -> List.of(Map.of("ref", "D-1"))), nothing);
  }
}
