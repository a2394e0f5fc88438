package civitane.core.services;

import civitane.core.facts.Household;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.rules.Question;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A first look shows what the deciding questions tell, and leaves the rest for the application. */
public class QuickCheckTest {
  private static final Screening SCREENING = new Screening(RateShelf.shipped());
  private static final Household NO_MONEY_TOLD =
      Households.of(List.of(Households.mother(), Households.child()), List.of());

  @DataProvider
  public static Object[][] services() {
    return Services.all().stream()
        .map(service -> new Object[] {service.word()})
        .toArray(Object[][]::new);
  }

  private static List<String> shown(String service, Household household, Map<String, ?> answers) {
    var result = SCREENING
        .of(Households.asking(household, service, answers), Mode.SCREEN)
        .get(0);
    return Services.named(service).orElseThrow().quickCheck().shown(result).stream()
        .map(test -> test.id() + " " + test.outcome().word())
        .toList();
  }

  @Test(dataProvider = "services")
  public void everyDecidingQuestionIsOneTheServiceAsks(String service) {
    var asked = Services.named(service).orElseThrow();
    var keys = asked.questions().stream().map(Question::key).toList();
    assertTrue(keys.containsAll(asked.quickCheck().answers()), keys.toString());
    assertFalse(
        asked.quickCheck().facts().isEmpty() && asked.quickCheck().answers().isEmpty());
  }

  @Test
  public void anAppealsGroundsAndDayAreAskedAndSaid() {
    assertEquals(
        shown("decisionAppeal", NO_MONEY_TOLD, Map.of("noticeOn", Households.LODGED.minusDays(9))),
        List.of("AP-GROUNDS unknown", "AP-TIME met"));
    assertEquals(
        shown("decisionAppeal", NO_MONEY_TOLD, Map.of("grounds", "A payslip was not counted")),
        List.of("AP-GROUNDS met", "AP-TIME unknown"));
  }

  @Test
  public void whatAnUnaskedFactWouldTellIsLeftForTheApplication() {
    var poor = Households.motherAndChild(Amount.of(900));
    var looked = shown("schoolMeals", poor, Map.of());
    assertTrue(looked.contains("SM-INCOME met"), looked.toString());
    assertTrue(looked.stream().noneMatch(test -> test.startsWith("SM-SIGNED")), looked.toString());
    assertEquals(
        shown("schoolMeals", NO_MONEY_TOLD, Map.of()).contains("SM-INCOME unknown"),
        true,
        "the income is asked, so that it is missing is said");
  }
}
