package civitane.core.services;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Whom each may allow to be asked. */
public class PermissionsTest {
  @DataProvider
  public static Object[][] services() {
    return new Object[][] {
      {"schoolMeals", List.of(ConsentTo.REGISTERS)},
      {"rentRelief", List.of(ConsentTo.REGISTERS, ConsentTo.LANDLORD)},
      {"homePaymentRelief", List.of(ConsentTo.REGISTERS, ConsentTo.LENDER)},
      {"paidLeave", List.of(ConsentTo.REGISTERS, ConsentTo.EMPLOYER, ConsentTo.DOCTOR)},
      {"disabilityAllowance", List.of(ConsentTo.REGISTERS, ConsentTo.DOCTOR)},
    };
  }

  @Test(dataProvider = "services")
  public void whoAppliesAllowsThoseWhoKnowOfIt(String service, List<ConsentTo> whom) {
    var packet = Households.asking(
        Households.of(List.of(Households.mother()), List.of()), service, Map.of());
    assertEquals(Permissions.of(packet, Households.mother()), whom);
  }

  @Test
  public void whoeverHasAWageAllowsTheirEmployer() {
    var packet = Households.askingForAllowance(Households.motherAndChild(Amount.of(1_200)));
    assertEquals(
        Permissions.of(packet, Households.mother()),
        List.of(ConsentTo.REGISTERS, ConsentTo.EMPLOYER));
  }

  @Test
  public void nobodyElseAllowsForTheRequestOfAnother() {
    var packet =
        Households.asking(Households.motherAndChild(Amount.of(1_200)), "rentRelief", Map.of());
    assertEquals(Permissions.of(packet, Households.child()), List.of(ConsentTo.REGISTERS));
  }

  @Test
  public void aPensionHasNoEmployer() {
    Household alone = Households.of(
        List.of(Households.mother()),
        List.of(Income.of("i1", "p1", IncomeKind.PENSION, Amount.of(900), Frequency.MONTHLY)));
    assertEquals(
        Permissions.of(Households.askingForAllowance(alone), Households.mother()),
        List.of(ConsentTo.REGISTERS));
  }
}
