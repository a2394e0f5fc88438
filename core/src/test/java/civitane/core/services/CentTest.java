package civitane.core.services;

import civitane.core.facts.AssetKind;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.IncomeKind;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.Outcome;
import java.util.List;
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A cent on the wrong side of a limit flips its test, and a cent on the right side does not. */
public class CentTest {
  private static final Amount CENT = Amount.of("0.01");

  /** A service asked for with one number left open. */
  private interface Open extends Function<String, Asking> {}

  private static Open yearly(String service) {
    return pension ->
        Asking.forA(service).income("p1", IncomeKind.PENSION, pension, Frequency.YEARLY);
  }

  private static Open monthly(String service) {
    return pension ->
        Asking.forA(service).income("p1", IncomeKind.PENSION, pension, Frequency.MONTHLY);
  }

  private static Open owning(String service, AssetKind kind) {
    return value -> Asking.forA(service).without("p1").owns("p1", kind, value);
  }

  private static Open answering(String service, String key) {
    return number -> Asking.forA(service).without("p1").says(key, Amount.of(number));
  }

  private static Open list(int percent) {
    return pension -> yearly("housingList")
        .apply(pension)
        .says("lists", List.of(Asking.of("code", "FIELD", "open", true, "incomePercent", percent)))
        .says("monthlyRent", Amount.of("300"));
  }

  private static Open earnedInAQuarter() {
    return earned -> Asking.forA("paidLeave")
        .says("absentFrom", Asking.day("2026-11-02"))
        .says(
            "employers",
            List.of(Asking.of(
                "name", "Anchor Bakery", "quarters", Asking.of("2025Q3", Amount.of(earned)))));
  }

  private static Open paysHalf() {
    return pension -> monthly("legalAdvice").apply(pension).pays(ExpenseKind.RENT, "1500");
  }

  /** Limits worked out by hand from the book of July 2026, for one person: 13,200 is needed, 34,800 is the middle. */
  @DataProvider
  public static Object[][] most() {
    return new Object[][] {
      {monthly("householdAllowance"), "HA-GROSS", "1650"}, // 150 % of 13,200 / 12
      {monthly("householdAllowance"), "HA-NET", "1360"}, // 110 % of 13,200 / 12, and 150 left out
      {owning("householdAllowance", AssetKind.CASH), "HA-RESOURCES", "3600"},
      {owning("householdAllowance", AssetKind.VEHICLE), "HA-RESOURCES", "9100"
      }, // and 5,500 left out
      {yearly("rentRelief"), "RR-INCOME", "22620"}, // 65 % of 34,800
      {owning("rentRelief", AssetKind.SAVINGS), "RR-ASSETS", "12500"},
      {yearly("homePaymentRelief"), "HP-INCOME", "43500"}, // 125 % of 34,800
      {owning("homePaymentRelief", AssetKind.CURRENT), "HP-LIQUID", "15000"},
      {answering("childDental", "assessedIncome"), "CD-INCOME", "54000"},
      {monthly("legalAdvice"), "LG-INCOME", "1760"}, // 160 % of 13,200 / 12
      {paysHalf(), "LG-INCOME", "2530"}, // 230 % of 13,200 / 12, as rent is above 55 %
      {list(50), "HW-INCOME", "17400"}, // 50 % of 34,800
      {list(60), "HW-INCOME", "20880"}, // 60 % of 34,800
    };
  }

  @Test(dataProvider = "most")
  public void aCentMoreIsTooMuch(Function<String, Asking> open, String test, String limit) {
    var at = Amount.of(limit);
    flips(open, test, at.minus(CENT), at, at.plus(CENT));
  }

  @DataProvider
  public static Object[][] least() {
    return new Object[][] {
      {earnedInAQuarter(), "PL-EARNED", "2150"},
      {
        answering("paymentArrangement", "downPercent")
            .andThen(asking -> asking.says(
                "debts", List.of(Asking.of("ref", "D-1", "kind", "overpayment", "amount", 900)))),
        "PA-DOWN",
        "8"
      },
    };
  }

  @Test(dataProvider = "least")
  public void aCentLessIsTooLittle(Function<String, Asking> open, String test, String limit) {
    var at = Amount.of(limit);
    flips(open, test, at.plus(CENT), at, at.minus(CENT));
  }

  private static void flips(
      Function<String, Asking> open, String test, Amount inside, Amount at, Amount outside) {
    assertEquals(outcome(open, test, inside), Outcome.MET, test + " inside");
    assertEquals(outcome(open, test, at), Outcome.MET, test + " at the limit");
    assertEquals(outcome(open, test, outside), Outcome.NOT_MET, test + " outside");
    var failed = open.apply(outside.plain()).screened().result().check(test).orElseThrow();
    assertEquals(failed.changes().size(), 1, test + " does not say what would change it");
    assertEquals(apart(failed.changes().get(0)), CENT, test);
  }

  private static Outcome outcome(Function<String, Asking> open, String test, Amount number) {
    return open.apply(number.plain())
        .screened()
        .result()
        .check(test)
        .orElseThrow()
        .outcome();
  }

  /** By how much the change is. */
  private static Amount apart(Reason change) {
    return change.arguments().get(0) instanceof Argument.Money money
        ? money.amount()
        : ((Argument.Quantity) change.arguments().get(0)).number();
  }
}
