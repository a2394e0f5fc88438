package civitane.core.services;

import civitane.core.facts.AssetKind;
import civitane.core.facts.Benefit;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Role;
import civitane.core.rules.Hold;
import civitane.core.rules.Outcome;
import civitane.core.rules.Route;
import civitane.core.time.SchoolTerm;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

import static civitane.core.services.Asking.of;
import static org.testng.Assert.assertEquals;

/** Assistance, reckoned by hand. */
public class AssistanceTest {

  private static Asking rent() {
    return Asking.forA("rentRelief")
        .wage("p1", "1500")
        .says("hardship", List.of("lostWork"))
        .says("leaseNames", List.of("Oluchi Tamsett"))
        .says("landlord", of("agrees", true))
        .says("monthlyRent", 640);
  }

  @Test
  public void rentIsPaidForMonthsOwedAndToCome() {
    rent()
        .says(
            "arrears",
            List.of(
                of("month", YearMonth.of(2026, 10), "owed", 600),
                of("month", YearMonth.of(2026, 11), "owed", 700)))
        .says("comingMonths", 1)
        .screened()
        .entitled()
        .amount("back", "1240") // 600 and, of 700, the rent of 640
        .amount("coming", "640")
        .amount("award", "1880")
        .amount("payee", "landlord");
  }

  @Test
  public void costsOfCareAndHealthLowerTheIncomeThatIsCompared() {
    // 35,000 - 3,600 childcare - (2,400 - 4 % of 35,000 = 1,000) = 30,400; one person: 65 % of
    // 34,800 = 22,620.
    rent()
        .says("comingMonths", 1)
        .income("p1", IncomeKind.OTHER, "17000", Frequency.YEARLY)
        .pays(ExpenseKind.CHILDCARE, "300")
        .pays(ExpenseKind.MEDICAL, "200")
        .screened()
        .notEntitled()
        .measured("RR-INCOME", "30400", "22620");
  }

  @Test
  public void aLandlordWhoDoesNotAnswerHoldsTheClaimForFourteenDays() {
    var asking =
        rent().says("comingMonths", 1).says("landlord", of("askedOn", Asking.day("2026-11-10")));
    assertEquals(asking.screened().unknown().result().hold(), Hold.LANDLORD);
    asking.on("2026-11-24").screened().entitled().amount("payee", "tenant");
  }

  @Test
  public void aStrangerOnTheLeaseIsLookedAt() {
    rent()
        .says("comingMonths", 1)
        .says("leaseNames", List.of("O. Tamsett"))
        .screened()
        .test("RR-LEASE", Outcome.MET);
    rent()
        .says("comingMonths", 1)
        .says("leaseNames", List.of("Oluchi Tamsett", "Grigor Ambleside"))
        .screened()
        .test("RR-LEASE", Outcome.UNKNOWN);
  }

  private static Asking home() {
    return Asking.forA("homePaymentRelief")
        .wage("p1", "2100")
        .says(
            "missedMonths",
            List.of(YearMonth.of(2026, 8), YearMonth.of(2026, 9), YearMonth.of(2026, 10)))
        .says("propertyType", "house")
        .says("mainResidence", true)
        .says("otherHomes", 0)
        .says("ownerKind", "people")
        .says("hardship", List.of("reducedHours"))
        .says("lender", of("participates", true))
        .says("amountDue", 9_600);
  }

  @Test
  public void theLendersOwnFigureGoverns() {
    home()
        .says("otherCharges", 210)
        .says("lenderFigure", of("amount", 11_000, "asOf", Asking.day("2026-11-10")))
        .screened()
        .entitled()
        .amount("award", "11210")
        .amount("differs", true) // 1,400 is more than 8 % of 11,000
        .amount("stale", true) // thirteen days
        .noted("lenderDiffers");
    home()
        .says("missedMonths", List.of(YearMonth.of(2026, 11)))
        .screened()
        .measured("HP-MISSED", "0", "3")
        .notEntitled();
    assertEquals(
        home()
            .says("lender", of("participates", false))
            .screened()
            .unknown()
            .result()
            .hold(),
        Hold.LENDER);
    home()
        .owns("p1", AssetKind.SAVINGS, "15000.01")
        .screened()
        .notEntitled()
        .measured("HP-LIQUID", "15000.01", "15000");
  }

  @Test
  public void everyAdultSignsForTheHome() {
    var asking = home()
        .with(Role.SPOUSE, "Joraan", "1986-09-30")
        .without("p2")
        .signed("p1", "Oluchi Tamsett");
    asking.determined().missing("HP-SIGNED", "signature:p2").unknown();
    asking.signed("p2", "Joraan Ambleside").determined().missing("HP-SIGNED", "signature:p2");
    asking.signed("p2", "TAMSETT, Joraan").determined().test("HP-SIGNED", Outcome.MET);
  }

  private static Asking dental(String income) {
    return Asking.forA("childDental")
        .with(Role.CHILD, "Wren", "2017-05-02")
        .with(Role.CHILD, "Ife", "2011-01-01")
        .says("taxFiled", of("p1", true))
        .says("assessedIncome", civitane.core.money.Amount.of(income))
        .says(
            "children",
            List.of(
                of(
                    "person",
                    "p2",
                    "privateCover",
                    false,
                    "childBenefit",
                    true,
                    "sharedCare",
                    true,
                    "appointmentOn",
                    Asking.day("2026-09-01")),
                of(
                    "person",
                    "p3",
                    "privateCover",
                    false,
                    "childBenefit",
                    true,
                    "appointmentOn",
                    Asking.day("2026-12-01"))));
  }

  @Test
  public void oneChildTooOldDoesNotSinkTheOther() {
    dental("30000")
        .screened()
        .entitled()
        .test("CD-CHILD:p3", Outcome.NOT_MET)
        .amount("total", "240"); // half of 480, as the care is shared
    dental("30000.01").screened().amount("total", "150");
    dental("54000.01").screened().notEntitled().measured("CD-INCOME", "54000.01", "54000");
    dental("30000").says("taxFiled", of("p1", false)).screened().unknown();
    dental("30000")
        .says("alreadyPaid", List.of(of("person", "p2", "period", "2026")))
        .screened()
        .notEntitled();
  }

  @Test
  public void earningsTaperTheDisabilityAllowance() {
    var certificate =
        of("issuer", "districtHospital", "issuedOn", Asking.day("2026-03-31"), "percent", 65);
    var asking =
        Asking.forA("disabilityAllowance").says("person", "p1").says("certificate", certificate);
    asking
        .wage("p1", "521")
        .screened()
        .entitled()
        .amount("monthly", "174") // 235 - half of 121, down to the euro
        .amount("reviewOn", Asking.day("2030-11-23"));
    Asking.forA("disabilityAllowance")
        .says("person", "p1")
        .says("certificate", certificate)
        .wage("p1", "868")
        .screened()
        .entitled()
        .amount("monthly", "1");
    Asking.forA("disabilityAllowance")
        .says("person", "p1")
        .says("certificate", certificate)
        .wage("p1", "868.01")
        .screened()
        .notEntitled()
        .measured("DA-WORK", "0", "0");
    var none = Asking.forA("disabilityAllowance")
        .says("person", "p1")
        .says("certificate", "none")
        .without("p1")
        .screened();
    assertEquals(none.unknown().result().route(), Route.ASSESSMENT);
  }

  private static Asking advice() {
    return Asking.forA("legalAdvice")
        .says("area", "housing")
        .says("otherParty", of("name", "Hollis Brandvik"));
  }

  @Test
  public void whatMustNotWaitGoesToTheUrgentLineWhateverTheIncome() {
    var urgent = advice()
        .wage("p1", "9000")
        .says("urgent", List.of(of("kind", "unsafe")))
        .screened()
        .unknown();
    assertEquals(urgent.result().route(), Route.URGENT_LINE);
    advice()
        .wage("p1", "1500")
        .says("urgent", List.of(of("kind", "hearing", "on", Asking.day("2026-12-12"))))
        .screened()
        .entitled();
    assertEquals(
        advice()
            .wage("p1", "1500")
            .says("urgent", List.of(of("kind", "hearing", "on", Asking.day("2026-12-11"))))
            .screened()
            .result()
            .route(),
        Route.URGENT_LINE);
  }

  @Test
  public void heavyCostsStretchTheLimitForAdvice() {
    advice()
        .wage("p1", "2400")
        .pays(ExpenseKind.RENT, "1320")
        .screened()
        .notEntitled()
        .measured("LG-INCOME", "2400", "1760");
    advice()
        .wage("p1", "2400")
        .pays(ExpenseKind.RENT, "1320.01")
        .screened()
        .entitled()
        .measured("LG-INCOME", "2400", "2530");
  }

  @Test
  public void anotherPartyWhoIsAClientHoldsTheAdviceAndNamesNobody() {
    var held = advice()
        .wage("p1", "1500")
        .says("knownClients", List.of("BRANDVIK Hollis"))
        .screened()
        .unknown();
    assertEquals(held.result().hold(), Hold.CONFLICT);
    held.because("LG-CONFLICT", "legalAdvice.maybeNotFree");
  }

  @Test
  public void limitsOfStudyCallForTheirAdjustments() {
    var asking = Asking.forA("studyAdjustments")
        .says("person", "p1")
        .says("enrolled", true)
        .says("conditions", List.of(of("detail", "migraine")))
        .says("limits", List.of("reading", "concentration"));
    asking
        .screened()
        .entitled()
        .amount("adjustments", List.of("alternativeFormats", "extraTime", "quietRoom"))
        .amount("provisional", true);
    asking.showing(PaperKind.STUDY_RECORD, "p1").screened().amount("provisional", false);
    asking.says("limits", List.of()).screened().notEntitled();
  }

  @Test
  public void adjustmentsRunToTheEndOfTheirTerm() {
    var asking = Asking.forA("studyAdjustments")
        .says("person", "p1")
        .says("enrolled", true)
        .says("conditions", List.of(of("detail", "migraine")))
        .says("limits", List.of("reading"));
    var now = SchoolTerm.of(Asking.LODGED);
    runs(asking, null, now.lastDay());
    var next = SchoolTerm.of(now.lastDay().plusDays(1));
    runs(asking.says("term", next.year() + "-spring"), next.firstDay(), next.lastDay());
    runs(asking.says("term", "2019-autumn"), null, now.lastDay());
    runs(asking.says("term", "the coming one"), null, now.lastDay());
  }

  private static void runs(Asking asking, @Nullable LocalDate from, LocalDate until) {
    var award = asking.screened().entitled().result().awards().get(0);
    assertEquals(award.from(), from);
    assertEquals(award.until(), until);
  }

  @Test
  public void nobodyIsTakenToHaveNoIncomeBySilence() {
    var silent = advice().with(Role.SPOUSE, "Joraan", "1986-09-30").wage("p1", "100");
    silent.screened().missing("LG-INCOME", "income:p2").unknown();
    silent.without("p2").screened().entitled();
    silent.without("p1").screened().missing("LG-INCOME", "noIncome:p1").unknown();
  }

  @Test
  public void urgentNeedIsMetBeforeThePapersCome() {
    Asking.forA("householdAllowance")
        .income("p1", IncomeKind.FAMILY_HELP, "100", Frequency.MONTHLY)
        .pays(ExpenseKind.RENT, "400")
        .showing(PaperKind.WORK_CARD, "p1")
        .determined()
        .entitled()
        .amount("urgent", true)
        .amount("provisional", true)
        .noted("papersFollow");
    Asking.forA("householdAllowance")
        .receives(Benefit.HOUSING_SUBSIDY)
        .without("p1")
        .owns("p1", AssetKind.CASH, "140")
        .screened()
        .amount("urgent", false);
  }

  @Test
  public void olderPeopleAreNotHeldAgainstTheGrossLimitWhateverIsKnownOfTheirIncome() {
    Asking.forA("householdAllowance")
        .applicantBorn("1963-11-23")
        .screened()
        .unknown()
        .test("HA-GROSS", Outcome.NOT_APPLICABLE)
        .test("HA-NET", Outcome.UNKNOWN);
    Asking.forA("householdAllowance")
        .applicantBorn("1963-11-24")
        .screened()
        .test("HA-GROSS", Outcome.UNKNOWN);
  }
}
