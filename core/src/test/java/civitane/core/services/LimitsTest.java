package civitane.core.services;

import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TimeZone;
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What must hold around every limit and for every household. */
public class LimitsTest {
  private static final Screening SCREENING = new Screening(RateShelf.shipped());

  private static Result result(Packet packet) {
    return SCREENING.of(packet, Mode.SCREEN).get(0);
  }

  @DataProvider
  public static Object[][] limits() {
    Function<Household, Packet> meals = Households::askingForMeals;
    Function<Household, Packet> allowance = Households::askingForAllowance;
    return new Object[][] {
      {meals, "SM-INCOME", "2525"}, // ceil(170 % of 13,200 x 1.35 / 12)
      {allowance, "HA-GROSS", "2227.50"}, // 150 % of 13,200 x 1.35 / 12
    };
  }

  @Test(dataProvider = "limits")
  public void aCentMoreFlipsTheTestAndNothingElseDoes(
      Function<Household, Packet> asking, String test, String limit) {
    var at = Amount.of(limit);
    var cent = Amount.of("0.01");
    assertEquals(outcome(asking, test, at.minus(cent)), Outcome.MET);
    assertEquals(outcome(asking, test, at), Outcome.MET);
    assertEquals(outcome(asking, test, at.plus(cent)), Outcome.NOT_MET);
    var over = result(asking.apply(Households.motherAndChild(at.plus(cent))))
        .check(test)
        .orElseThrow();
    assertEquals(over.changes().get(0).arguments(), List.of(Argument.monthly(cent)));
  }

  private static Outcome outcome(Function<Household, Packet> asking, String test, Amount wage) {
    return result(asking.apply(Households.motherAndChild(wage)))
        .check(test)
        .orElseThrow()
        .outcome();
  }

  @Test
  public void moreIncomeNeverGivesMore() {
    var last = Amount.of(1_000_000);
    for (var wage = 0; wage < 3_000; wage += 7) {
      var result =
          result(Households.askingForAllowance(Households.motherAndChild(Amount.of(wage))));
      var monthly = result.outcome() == Finding.ENTITLED
          ? (Amount) result.amountsByName().get("monthly")
          : Amount.ZERO;
      assertTrue(monthly.isWithin(last), "at a wage of " + wage);
      last = monthly;
    }
  }

  @Test
  public void theAllowanceIsReckonedAsByHand() {
    // 1,800 - 25 % = 1,350; - (150 + 28) = 1,172; rent 640 - 45 % of 1,172 (527.40) = 112.60; net
    // 1,059.40.
    var result = result(Households.askingForAllowance(Households.motherAndChild(Amount.of(1_800))));
    assertEquals(result.amountsByName().get("net"), Amount.of("1059.40"));
    // 285 + 195 - ceil(35 % of 1,059.40 = 370.79) = 109; from the 23rd 8 of 30 days: 29.
    assertEquals(result.amountsByName().get("monthly"), Amount.of(109));
    assertEquals(result.amountsByName().get("firstMonth"), Amount.of(29));
  }

  @Test
  public void theOrderOfPeopleAndTheMachineDoNotMatter() {
    var random = new Random(11);
    var zone = TimeZone.getDefault();
    var locale = Locale.getDefault();
    try {
      for (var i = 0; i < 200; i++) {
        var household = Households.motherAndChild(Amount.of(random.nextInt(3_000)));
        var people = new ArrayList<>(household.people());
        Collections.reverse(people);
        var turned = Households.of(people, household.incomes());
        TimeZone.setDefault(
            TimeZone.getTimeZone(i % 2 == 0 ? "Pacific/Kiritimati" : "Pacific/Pago_Pago"));
        Locale.setDefault(
            i % 2 == 0 ? Locale.forLanguageTag("tr") : Locale.forLanguageTag("ar-EG"));
        var one = result(Households.askingForMeals(household));
        TimeZone.setDefault(zone);
        Locale.setDefault(locale);
        var other = result(Households.askingForMeals(turned));
        assertEquals(one.outcome(), other.outcome());
        assertEquals(one.amounts(), other.amounts());
        assertEquals(reasons(one), reasons(other));
      }
    } finally {
      TimeZone.setDefault(zone);
      Locale.setDefault(locale);
    }
  }

  private static List<Object> reasons(Result result) {
    return result.checks().stream().map(check -> (Object) check.reasons()).toList();
  }

  @Test
  public void newerRatesAreNamedWhereTheyWouldAllowIt() {
    var household = Households.motherAndChild(Amount.of("2225"));
    var asking = Households.askingForAllowance(household);
    var before = Packet.on(Households.LODGED.withYear(2025), household, asking.requests());
    var gross = result(before).check("HA-GROSS").orElseThrow();
    assertEquals(gross.outcome(), Outcome.NOT_MET);
    assertEquals(
        gross.changes().stream().map(change -> change.code().code()).toList(),
        List.of("rules.incomeLess", "rules.newerRates"));
    assertEquals(
        gross.changes().get(1).arguments(), List.of(Argument.day(LocalDate.parse("2026-07-01"))));
  }

  @Test
  public void theFactsSpeakForServicesNobodyAskedFor() {
    var likely =
        SCREENING
            .alsoLikely(Households.askingForMeals(Households.motherAndChild(Amount.of(1_500))))
            .stream()
            .filter(Screening.Likelihood::likely)
            .map(Screening.Likelihood::service)
            .toList();
    assertTrue(
        likely.containsAll(
            List.of("householdAllowance", "rentRelief", "childDental", "legalAdvice")),
        likely.toString());
    assertTrue(
        !likely.contains("schoolMeals") && !likely.contains("valueReview"), likely.toString());
  }
}
