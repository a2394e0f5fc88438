package civitane.core.ledger;

import civitane.core.rates.RateShelf;
import civitane.core.services.Screening;
import civitane.core.services.WorkedCase;
import java.time.Instant;
import java.util.Iterator;
import java.util.Map;
import java.util.UUID;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What is told and put together again is what was told: of every worked case, to the last fact. */
public class WholePacketsTest {
  private static final Instant LODGED = Instant.parse("2026-11-23T09:00:00Z");
  private static final Screening SCREENING = new Screening(RateShelf.shipped());

  @DataProvider
  public static Iterator<Object[]> cases() {
    return WorkedCase.all().stream().map(one -> new Object[] {one}).iterator();
  }

  @Test(dataProvider = "cases")
  public void areWhatWasTold(WorkedCase one) {
    var packet = one.packet();
    var household = UUID.randomUUID();
    var when = new When(packet.assessedOn(), LODGED);
    var how = new Recording(
        EntryKind.SAID,
        Source.application("A-1"),
        "ikenna",
        LODGED,
        packet.assessedOn(),
        UUID::randomUUID);
    var told = Telling.of(Ledger.empty(), household, packet, Map.of(), how, when);
    var ledger = Ledger.empty().with(told.added());
    var again = ledger.assembled(household, told.requests(), when, packet.asOf());
    assertEquals(
        SCREENING.of(again.packet(), one.mode()).toString(),
        SCREENING.of(packet, one.mode()).toString());
    assertEquals(
        again.packet().household().people().size(), packet.household().people().size());
    assertEquals(again.packet().papers().size(), packet.papers().size());
    if (isInOrder(one)) {
      assertEquals(again.packet(), packet);
    }
    var twice = Telling.of(ledger, household, again.packet(), again.places().ids(), how, when);
    assertTrue(
        twice.added().entries().stream()
            .allMatch(entry -> twice.added().subjects().stream()
                .anyMatch(fresh -> fresh.id().equals(entry.subject()))),
        "told again, only the request, its signatures and papers are new: " + twice.added());
    assertTrue(
        Telling.change(ledger, household, again, again.packet(), how, when).isEmpty(),
        "nothing changed");
  }

  /** Whether its people and incomes have the ids that a packet put together gives them. */
  private static boolean isInOrder(WorkedCase one) {
    var household = one.packet().household();
    for (var i = 0; i < household.people().size(); i++) {
      if (!household.people().get(i).id().equals("p" + (i + 1))) {
        return false;
      }
    }
    for (var i = 0; i < household.incomes().size(); i++) {
      if (!household.incomes().get(i).id().equals("i" + (i + 1))) {
        return false;
      }
    }
    return true;
  }
}
