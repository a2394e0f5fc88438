package civitane.core.services.rentrelief;

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
 * What Rent Relief asks beyond the household's facts.
 *
 * @param monthlyRent euros a month; the rent among the expenses stands for it
 * @param comingMonths how many months to come are asked for
 * @param ownShare euros a month that the household pays itself of a subsidised rent
 */
public record RentReliefAnswers(
    @Asked(
        optional = true,
        calls = {PaperKind.LEASE, PaperKind.TENANCY_PROOF},
        shownBy = {PaperKind.LEASE, PaperKind.TENANCY_PROOF})
    @Nullable
    Amount monthlyRent,

    @Asked(optional = true, calls = PaperKind.ARREARS_NOTICE)
    List<Arrear> arrears,

    @Asked(optional = true) int comingMonths,
    @Nullable List<Hardship> hardship,

    @As(Form.LONG_TEXT) @Asked(when = "hardship", is = "other") @Nullable
    String hardshipText,

    boolean subsidised,
    @Asked(when = "subsidised", is = "true") @Nullable Amount ownShare,
    @Asked(knownAs = "landlords") @Nullable Landlord landlord,

    @Asked(shownBy = {PaperKind.LEASE, PaperKind.TENANCY_PROOF}) @Nullable
    List<String> leaseNames) {

  /** Rent owed for a month. */
  public record Arrear(@Nullable YearMonth month, @Nullable Amount owed) {}

  /** Who lets the home, and whether they agree to be paid. */
  public record Landlord(
      @Outside(PartyKind.LANDLORD) @Asked(forTheFile = true) @Nullable
      String name,

      @As(Form.IBAN)
      @Asked(forTheFile = true, counts = WhoseWord.THIRD_PARTY, shownBy = PaperKind.TENANCY_PROOF)
      @Nullable
      String iban,

      @Asked(counts = WhoseWord.THIRD_PARTY, shownBy = PaperKind.TENANCY_PROOF) @Nullable
      Boolean agrees,

      @Asked(filledIn = true) @Nullable LocalDate askedOn) {}
}
