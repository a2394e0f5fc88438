package civitane.bench;

import civitane.bench.engine.Engine;
import civitane.core.facts.Word;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import java.math.BigDecimal;
import java.util.Iterator;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** What the rules are measured against comes to the same as the rules, in every worked case. */
public class FloorTest {
  private static final Engine MEALS = new Engine("schoolMeals");
  private static final Engine ALLOWANCES = new Engine("householdAllowance");

  @DataProvider
  public static Iterator<Object[]> meals() {
    return inBothModes("schoolMeals");
  }

  @DataProvider
  public static Iterator<Object[]> allowances() {
    return inBothModes("householdAllowance");
  }

  private static Iterator<Object[]> inBothModes(String service) {
    return Stream.of(service, "income")
        .flatMap(file -> WorkedCases.of(file).stream())
        .filter(
            one -> one.packet().get("requests").get(0).get("service").asString().equals(service))
        .flatMap(one -> Stream.of(Mode.values()).map(mode -> new Object[] {one, mode}))
        .iterator();
  }

  private static Result result(WorkedCases.Case one, Mode mode) {
    return new Screening(WorkedCases.RATES).of(one.facts(), mode).get(0);
  }

  @Test(dataProvider = "meals")
  public void mealsComeToTheSame(WorkedCases.Case one, Mode mode) {
    var result = result(one, mode);
    var floor = MealsFloor.of(one.facts(), mode == Mode.DETERMINE);
    var engine = MEALS.of(one.facts(), mode == Mode.DETERMINE);
    assertEquals(floor.word(), result.outcome().word(), one.name());
    assertEquals(engine.outcome(), result.outcome().word(), one.name());
    if (result.outcome() == Finding.ENTITLED) {
      var prices = (Map<?, ?>) result.amountsByName().get("children");
      assertEquals(floor.prices().keySet(), prices.keySet(), one.name());
      prices.forEach((child, price) -> assertEquals(
          floor.prices().get(child), ((Word) price).word(), one.name() + ", " + child));
      assertEquals(floor.until(), result.amountsByName().get("until"), one.name());
      assertEquals(floor.near(), result.amountsByName().get("nearLimit"), one.name());
      assertEquals(engine.amounts().get("children"), floor.prices(), one.name());
      assertEquals(engine.amounts().get("nearLimit"), floor.near(), one.name());
    }
  }

  @Test(dataProvider = "allowances")
  public void allowancesComeToTheSame(WorkedCases.Case one, Mode mode) {
    var result = result(one, mode);
    var floor = AllowanceFloor.of(one.facts(), mode == Mode.DETERMINE);
    assertEquals(floor.word(), result.outcome().word(), one.name());
    assertEquals(floor.urgent(), result.amountsByName().get("urgent"), one.name());
    var engine = ALLOWANCES.of(one.facts(), mode == Mode.DETERMINE);
    assertEquals(engine.outcome(), result.outcome().word(), one.name());
    assertEquals(engine.amounts().get("urgent"), floor.urgent(), one.name());
    if (result.outcome() == Finding.ENTITLED) {
      same(floor.gross(), result, "gross", one);
      same(floor.net(), result, "net", one);
      same(floor.monthly(), result, "monthly", one);
      same(floor.firstMonth(), result, "firstMonth", one);
      for (var key : new String[] {"gross", "net", "monthly", "firstMonth"}) {
        same(engine.number(key), result, key, one);
      }
      assertEquals(floor.provisional(), result.amountsByName().get("provisional"), one.name());
    }
  }

  private static void same(BigDecimal floor, Result result, String key, WorkedCases.Case one) {
    var amount = ((civitane.core.money.Amount) result.amountsByName().get(key)).toDecimal();
    assertEquals(floor.compareTo(amount), 0, one.name() + ": " + key + " of " + floor);
  }
}
