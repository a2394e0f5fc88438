package civitane.packet;

import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import java.math.BigDecimal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertTrue;

/** Who has more never gets more, whichever service looks at what comes in. */
public class MoreIncomeTest {
  private static final Map<String, List<String>> GIVEN = Map.of(
      "householdAllowance", List.of("monthly", "firstMonth"),
      "rentRelief", List.of("award"),
      "homePaymentRelief", List.of("award"),
      "disabilityAllowance", List.of("monthly"),
      "childDental", List.of("total"),
      "housingList", List.of("points"),
      "legalAdvice", List.of(),
      "schoolMeals", List.of("children"));
  private static final List<String> TIERS = List.of("FULL", "REDUCED", "FREE");
  private static final Set<String> AGAINST_EACH_OTHER = Set.of("payslips", "registerMonthly");
  private static final BigDecimal STEP = new BigDecimal("37.13");
  private static final int STEPS = 120;
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.ofPackets().stream()
        .filter(one -> one.json().get("expected").isArray())
        .filter(MoreIncomeTest::looksAtIncome)
        .map(one -> new Object[] {one})
        .iterator();
  }

  private static boolean looksAtIncome(Cases.Case one) {
    for (var request : one.json().get("packet").get("requests")) {
      if (GIVEN.containsKey(request.get("service").asString())) {
        return true;
      }
    }
    return false;
  }

  @Test(dataProvider = "cases")
  public void moreComesInAndNoMoreIsGiven(Cases.Case one) {
    var packet = (ObjectNode) one.json().get("packet").deepCopy();
    var last = results(packet);
    for (var step = 0; step < STEPS; step++) {
      if (!raise(packet, step)) {
        return;
      }
      var next = results(packet);
      for (var i = 0; i < next.size(); i++) {
        noMore(last.get(i), next.get(i), one + " after step " + step);
      }
      last = next;
    }
  }

  private static List<Result> results(ObjectNode packet) {
    return SCREENING.of(READER.read(Cases.JSON.writeValueAsBytes(packet)).packet(), Mode.SCREEN);
  }

  /** Gives one income after the other, and the assessed income, some more; false where there is none that stands by itself. */
  private static boolean raise(ObjectNode packet, int step) {
    var raised = false;
    if (packet.get("household").get("incomes") instanceof ArrayNode incomes && !incomes.isEmpty()) {
      var income = (ObjectNode) incomes.get(step % incomes.size());
      var alone = AGAINST_EACH_OTHER.stream().noneMatch(income::hasNonNull);
      if (alone && income.hasNonNull("amount")) {
        income.put("amount", income.get("amount").decimalValue().add(STEP));
        raised = true;
      }
    }
    for (var request : packet.get("requests")) {
      if (request.get("answers") instanceof ObjectNode answers
          && answers.hasNonNull("assessedIncome")) {
        answers.put(
            "assessedIncome", answers.get("assessedIncome").decimalValue().add(STEP));
        raised = true;
      }
    }
    return raised;
  }

  private static void noMore(Result last, Result next, String what) {
    var keys = GIVEN.get(last.service());
    if (keys == null) {
      return;
    }
    if (last.outcome() == Finding.NOT_ENTITLED) {
      assertTrue(next.outcome() != Finding.ENTITLED, what + ": now entitled");
    }
    if (last.outcome() != Finding.ENTITLED || next.outcome() != Finding.ENTITLED) {
      return;
    }
    for (var key : keys) {
      var before = last.amountsByName().get(key);
      var after = next.amountsByName().get(key);
      if (before instanceof Amount most) {
        assertTrue(((Amount) after).isWithin(most), what + ": " + key + " of " + after);
      } else if (before instanceof Map<?, ?> most) {
        most.forEach((child, tier) ->
            assertTrue(rank(((Map<?, ?>) after).get(child)) <= rank(tier), what + ": " + child));
      }
    }
  }

  private static int rank(Object tier) {
    return TIERS.indexOf(String.valueOf(tier));
  }
}
