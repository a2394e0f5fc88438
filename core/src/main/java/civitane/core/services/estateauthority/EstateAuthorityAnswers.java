package civitane.core.services.estateauthority;

import civitane.core.facts.Asked;
import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What an Estate Authority asks beyond the household's facts.
 *
 * @param grossValue euros, before debts
 */
public record EstateAuthorityAnswers(
    @Asked(calls = PaperKind.DEATH_RECORD) @Nullable Deceased deceased,

    @Asked(calls = {PaperKind.WILL, PaperKind.KINSHIP_TABLE}) @Nullable
    Boolean will,

    @Nullable EstateApplicant applicantIs,

    @Asked(when = "applicantIs", is = "organisation") @Nullable
    Organisation organisation,

    @Asked(calls = PaperKind.INVENTORY, shownBy = PaperKind.INVENTORY) @Nullable
    Amount grossValue,

    @Nullable Boolean dutiesAccepted) {

  /** Who died. */
  public record Deceased(
      @Asked(forTheFile = true) @Nullable String name,
      @Asked(shownBy = PaperKind.DEATH_RECORD) @Nullable LocalDate diedOn,
      @Asked(shownBy = PaperKind.DEATH_RECORD) @Nullable String deathNumber) {}

  /** An organisation that asks. */
  public record Organisation(
      @Asked(forTheFile = true) @Nullable String name,
      @Nullable String registration) {}

  @Nullable
  LocalDate diedOn() {
    return deceased == null ? null : deceased.diedOn();
  }
}
