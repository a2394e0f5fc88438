package civitane.core.facts;

import civitane.core.money.Amount;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertThrows;

/** Records tell what a packet may hold, and are made of what it holds. */
public class PartsTest {

  @Test
  public void partsStandInTheOrderOfTheRecordWithWhatAnAbsentOneStandsFor() {
    var parts = Parts.of(Person.class);
    assertEquals(parts.place("id"), 0);
    assertEquals(parts.place("nights"), -1);
    var nights = parts.fields().get(parts.place("nightsHere"));
    assertEquals(nights.otherwise(), 14);
    assertEquals(nights.value().most(), 14);
    assertEquals(parts.fields().get(parts.place("sharesMoney")).otherwise(), true);
    assertEquals(parts.fields().get(parts.place("disabled")).otherwise(), false);
    assertEquals(
        parts.fields().stream().filter(Field::required).map(Field::key).toList(),
        List.of("id", "role"));
  }

  @Test
  public void anAbsentListOfFactsIsEmptyButAnAbsentListOfExpensesIsNotKnown() {
    var values = new Object[Parts.of(Household.class).fields().size()];
    var household = (Household) Parts.of(Household.class).make(values);
    assertEquals(household.incomes(), List.of());
    assertNull(household.benefits());
    assertNull(household.expenses());
    assertEquals(household.listedExpenses(), List.of());
    assertEquals(household.address(), Address.UNKNOWN);
  }

  @DataProvider
  public static Object[][] forms() {
    return new Object[][] {
      {Income.class, "amount", Form.MONEY},
      {Income.class, "hoursPerWeek", Form.NUMBER},
      {Income.class, "person", Form.PERSON},
      {Income.class, "kind", Form.CHOICE},
      {Income.class, "payslips", Form.LIST},
      {Paper.class, "income", Form.INCOME},
      {Person.class, "residentNumber", Form.RESIDENT_NUMBER},
      {Person.class, "contact", Form.GROUP},
      {Payment.class, "iban", Form.IBAN},
      {Signature.class, "on", Form.DATE},
    };
  }

  @Test(dataProvider = "forms")
  public void theFormFollowsFromTheTypeAndFromWhatIsSaidBesideIt(
      Class<?> record, String key, Form form) {
    var parts = Parts.of(record);
    assertEquals(parts.fields().get(parts.place(key)).value().form(), form);
  }

  @Test
  public void partsThatAreThereAreReadByTheirKeys() {
    var expense = new Expense(ExpenseKind.RENT, Amount.of(640), null, null);
    assertEquals(Parts.byKey(expense), Map.of("kind", ExpenseKind.RENT, "amount", Amount.of(640)));
    assertEquals(Parts.byKey(null), Map.of());
  }

  @Test
  public void whatIsNoRecordAndWhatHasNoPlaceIsRefused() {
    assertThrows(IllegalArgumentException.class, () -> Parts.of(String.class));
    assertThrows(IllegalArgumentException.class, () -> Value.of(Object.class));
  }

  @Test
  public void wordsAreWrittenWithHumpsAndEachVocabularyHasItsName() {
    assertEquals(Role.FOSTER_CHILD.word(), "fosterChild");
    assertEquals(Sex.F.word(), "F");
    assertEquals(Role.CHILD.vocabulary(), "role");
    assertEquals(Vocabulary.of(Sex.class).words(), List.of("F", "M", "X"));
    assertEquals(Vocabulary.of(Role.class).byWord().get("lodger"), Role.LODGER);
    assertEquals(Vocabulary.of(Frequency.class).words().size(), Frequency.values().length);
    assertThrows(IllegalArgumentException.class, () -> Vocabulary.of(String.class));
    assertEquals(
        Arrays.stream(PaperKind.values()).map(Word::word).distinct().count(),
        PaperKind.values().length);
  }
}
