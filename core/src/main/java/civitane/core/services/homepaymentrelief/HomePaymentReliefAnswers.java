package civitane.core.services.homepaymentrelief;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.Outside;
import civitane.core.facts.PaperKind;
import civitane.core.facts.PartyKind;
import civitane.core.facts.WhoseWord;
import civitane.core.money.Amount;
import civitane.core.rules.Hardship;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What Home Payment Relief asks beyond the household's facts; euros throughout.
 *
 * @param otherHomes how many other homes are owned at half or more
 * @param amountDue what is due by the owner's word
 * @param lenderFigure what is due by the lender's, on a day
 */
public record HomePaymentReliefAnswers(
    @Nullable List<YearMonth> missedMonths,
    @Nullable PropertyType propertyType,
    @Nullable Boolean mainResidence,
    @Nullable Integer otherHomes,
    @Nullable OwnerKind ownerKind,
    @Nullable List<Hardship> hardship,

    @As(Form.LONG_TEXT) @Asked(when = "hardship", is = "other") @Nullable
    String hardshipText,

    @Asked(knownAs = "lenders") @Nullable Lender lender,

    @Asked(
        forTheFile = true,
        calls = PaperKind.MORTGAGE_STATEMENT,
        shownBy = PaperKind.MORTGAGE_STATEMENT)
    @Nullable
    String loanNumber,

    @Asked(forTheFile = true, shownBy = PaperKind.MORTGAGE_STATEMENT) @Nullable
    Amount monthlyPayment,

    @Asked(shownBy = PaperKind.MORTGAGE_STATEMENT) @Nullable Amount amountDue,
    @Asked(optional = true) @Nullable Amount otherCharges,

    @Asked(optional = true, filledIn = true, counts = WhoseWord.THIRD_PARTY) @Nullable
    LenderFigure lenderFigure,

    @Asked(calls = PaperKind.TRUSTEE_CONSENT) boolean insolvency,

    @Asked(when = "insolvency", is = "true", counts = WhoseWord.THIRD_PARTY) @Nullable
    Boolean trusteeConsents) {

  /** Who lent the money, and whether they take part. */
  public record Lender(
      @Asked(forTheFile = true) @Nullable String code,

      @Outside(PartyKind.LENDER) @Asked(forTheFile = true) @Nullable
      String name,

      @Asked(filledIn = true, counts = WhoseWord.THIRD_PARTY, shownBy = PaperKind.LENDER_LETTER)
      @Nullable
      Boolean participates) {}

  /** What is due by the lender's own books on a day. */
  public record LenderFigure(
      @Asked(shownBy = PaperKind.LENDER_LETTER) @Nullable Amount amount,

      @Asked(shownBy = PaperKind.LENDER_LETTER) @Nullable LocalDate asOf) {}
}
