package civitane.core.services;

import civitane.core.facts.Benefit;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rules.Outcome;
import civitane.core.services.paymentarrangement.DebtWord;
import civitane.core.time.Closure;
import civitane.core.time.OpenDays;
import java.util.List;
import org.testng.annotations.Test;

import static civitane.core.services.Asking.of;

/** Appeals, arrangements and civil certificates, reckoned by hand. */
public class AppealsAndCertificatesTest {

  private static Asking appeal(String delivered) {
    return Asking.forA("decisionAppeal")
        .says("noticeOn", Asking.day("2026-07-01"))
        .says("deliveredOn", Asking.day(delivered))
        .says("kind", "reduction")
        .says("grounds", "I disagree");
  }

  @Test
  public void anAppealIsInTimeForThirtyFiveDaysAfterDelivery() {
    appeal("2026-10-19")
        .screened()
        .entitled()
        .amount("hearingFrom", Asking.day("2026-12-07"))
        .amount("continues", false);
    appeal("2026-10-18").screened().notEntitled();
    appeal("2026-10-18").says("lateReason", "in hospital").screened().unknown();
    appeal("2026-08-14").says("lateReason", "in hospital").screened().notEntitled();
    appeal("2026-11-24").screened().unknown();
  }

  @Test
  public void aLimitThatEndsOnAClosedDayEndsOnTheNextOpenOne() {
    appeal("2026-10-18").at(OpenDays.USUAL).screened().entitled();
    appeal("2026-10-17").at(OpenDays.USUAL).screened().entitled();
    appeal("2026-10-16").at(OpenDays.USUAL).screened().notEntitled();
    var flood =
        new OpenDays(List.of(new Closure(Asking.day("2026-11-18"), Asking.day("2026-11-20"))));
    appeal("2026-10-14").at(flood).screened().entitled();
    appeal("2026-10-13").at(flood).screened().notEntitled();
    appeal("2026-11-08")
        .says("keepPaying", true)
        .at(OpenDays.USUAL)
        .screened()
        .amount("continues", true);
  }

  @Test
  public void paymentGoesOnWhenItIsAskedForSoon() {
    appeal("2026-11-09").says("keepPaying", true).screened().amount("continues", true);
    appeal("2026-11-08").says("keepPaying", true).screened().amount("continues", false);
    appeal("2026-11-09")
        .says("keepPaying", true)
        .says("kind", "refusal")
        .screened()
        .amount("continues", false);
  }

  private static Asking arrangement() {
    return Asking.forA("paymentArrangement")
        .says("debts", List.of(of("amount", Amount.of("742.60")), of("amount", 100)))
        .says("reason", "overpaid")
        .says("reasonText", "a wage ended")
        .says("months", 3)
        .says("downPercent", 10)
        .says("firstDueOn", Asking.day("2027-01-31"));
  }

  @Test
  public void aDebtIsPaidInPartsAndTheLastTakesTheRemainder() {
    arrangement()
        .screened()
        .entitled()
        .amount("total", "842.60")
        .amount("down", "84.26")
        .amount("part", "252.78") // 758.34 / 3 = 252.78
        .amount("last", "252.78")
        // 31 January is a Sunday, 28 February too, 31 March is a Wednesday.
        .amount(
            "dueOn",
            List.of(Asking.day("2027-02-01"), Asking.day("2027-03-01"), Asking.day("2027-03-31")));
    arrangement().says("months", 7).screened().amount("part", "108.33").amount("last", "108.36");
  }

  @Test
  public void aDebtThatIsPaidOrNotTheirsIsLookedAtByWhoeverKeepsTheDebts() {
    var paid = of("amount", Amount.of("742.60"), "said", DebtWord.PAID_ALREADY);
    arrangement()
        .says("debts", List.of(paid, of("amount", 100, "said", DebtWord.OWED)))
        .screened()
        .unknown()
        .test("PA-DEBT", Outcome.UNKNOWN);
    arrangement()
        .says("debts", List.of(of("amount", 100, "said", DebtWord.NOT_MINE)))
        .screened()
        .unknown()
        .test("PA-DEBT", Outcome.UNKNOWN);
  }

  @Test
  public void tooLittleAtOnceIsForASeniorWhenItIsExplained() {
    arrangement().says("downPercent", 5).screened().notEntitled().measured("PA-DOWN", "5", "8");
    arrangement()
        .says("downPercent", 5)
        .says("affordability", "50 a month")
        .screened()
        .unknown()
        .measured("PA-DOWN", "5", "8");
    arrangement().says("months", 19).screened().notEntitled();
    arrangement().says("firstDueOn", Asking.day("2026-11-22")).screened().unknown();
    arrangement().determined().missing("PAPERS", "bankStatement");
  }

  private static Asking record() {
    return Asking.forA("clearRecord")
        .says("person", "p1")
        .says("purpose", "work")
        .says("country", "QV")
        .says("delivery", "post")
        .says("registerAnswer", "clear");
  }

  @Test
  public void aRecordCostsByTheCopyAndByPost() {
    record()
        .says("copies", 3)
        .screened()
        .entitled()
        .amount("fee", "62")
        .amount("validUntil", Asking.day("2027-06-23"));
    record().says("delivery", "counter").screened().amount("fee", "17");
    record().says("delivery", "counter").says("collector", "other").screened().unknown();
    record()
        .says("delivery", "counter")
        .says("collector", "other")
        .says("authorised", true)
        .screened()
        .entitled();
    record().says("registerAnswer", "entry").screened().unknown();
    record().says("registerAnswer", "entryConfirmed").screened().notEntitled();
    record().applicantBorn("2010-11-24").screened().notEntitled().measured("CR-AGE", "15", "16");
  }

  private static Asking name() {
    return Asking.forA("nameChange")
        .says("person", "p1")
        .says("newFamilyName", "Núñez-O’Hara")
        .says("noticePublishedOn", Asking.day("2026-11-01"));
  }

  @Test
  public void aNameIsChangedAfterTheObjectionTime() {
    name()
        .screened()
        .entitled()
        .amount("fee", "58")
        .amount("effectiveFrom", Asking.day("2026-11-26"));
    name().receives(Benefit.HOUSEHOLD_ALLOWANCE).screened().amount("fee", "0");
    name().says("noticeWaived", true).screened().amount("effectiveFrom", Asking.day("2026-11-24"));
    name()
        .says("newFamilyName", " Tamsett ")
        .screened()
        .notEntitled()
        .test("NC-DIFFERENT", Outcome.NOT_MET);
    name().says("newFamilyName", "R2").screened().notEntitled().test("NC-LETTERS", Outcome.NOT_MET);
    name().says("newFamilyName", "- -").screened().test("NC-LETTERS", Outcome.NOT_MET);
    name().says("lastChangeOn", Asking.day("2022-11-23")).screened().entitled();
    name().says("lastChangeOn", Asking.day("2022-11-24")).screened().notEntitled();
  }

  @Test
  public void guardiansConsentForAChild() {
    var child = name().with(Role.CHILD, "Wren", "2017-05-02").says("person", "p2");
    child.screened().unknown().test("NC-CONSENT", Outcome.UNKNOWN);
    child
        .says("guardians", List.of(of("consents", true), of("consents", false)))
        .screened()
        .unknown();
    child
        .says("guardians", List.of(of("consents", true), of("absence", "died")))
        .screened()
        .entitled();
    child.determined().missing("PAPERS", "consent", "publishedNotice");
  }

  private static Asking estate(String who) {
    return Asking.forA("estateAuthority")
        .says("deceased", of("diedOn", Asking.day("2026-03-23"), "deathNumber", "D-77"))
        .says("will", false)
        .says("applicantIs", who)
        .says("grossValue", 45_000)
        .says("dutiesAccepted", true);
  }

  @Test
  public void whoMaySettleAnEstate() {
    estate("heir").screened().entitled().amount("kind", "simplified").amount("fee", "38");
    estate("heir")
        .says("grossValue", Amount.of("45000.01"))
        .screened()
        .amount("kind", "full")
        .amount("fee", "135");
    estate("executor").screened().notEntitled();
    estate("executor").says("will", true).screened().entitled();
    estate("creditor").screened().entitled(); // eight months to the day
    estate("creditor")
        .says("deceased", of("diedOn", Asking.day("2026-03-24"), "deathNumber", "D-77"))
        .screened()
        .notEntitled();
    estate("organisation").screened().unknown();
    estate("heir").says("dutiesAccepted", false).screened().unknown();
  }

  private static Asking taxpayer() {
    return Asking.forA("taxpayerNumber")
        .says("person", "p1")
        .says("hasNumber", false)
        .says("sources", List.of("rent"))
        .says("identityPapers", List.of(of("kind", "passport", "number", "X1")));
  }

  @Test
  public void aTaxpayerShowsTwoPapersOrOneAndAVoucher() {
    taxpayer().screened().unknown();
    taxpayer()
        .says(
            "identityPapers",
            List.of(of("kind", "passport", "number", "X1"), of("kind", "workCard", "number", "7")))
        .screened()
        .entitled()
        .amount("fee", "0");
    taxpayer().says("voucher", of("residentNumber", "5260181598")).screened().entitled();
    taxpayer().says("voucher", of("residentNumber", "5260181597")).screened().unknown();
    taxpayer().says("hasNumber", true).screened().notEntitled();
    taxpayer()
        .says("sources", List.of("employment"))
        .screened()
        .test("TN-SOURCES", Outcome.UNKNOWN);
  }

  @Test
  public void identityIsShownByTwoKindsOfPaperOneWithAPhoto() {
    var check = Asking.forA("identityCheck")
        .says("person", "p1")
        .says("claim", "BW-26-004217-1")
        .says("madeClaim", true);
    check
        .showing(PaperKind.WORK_CARD, "p1")
        .showing(PaperKind.TAX_NOTICE, "p1")
        .screened()
        .unknown();
    check.showing(PaperKind.PASSPORT, "p1").screened().entitled().amount("level", "standard");
    check.says("madeClaim", false).screened().unknown();
  }
}
