package civitane.core.services.valuereview;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import civitane.core.facts.WhoseWord;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the Value Review asks beyond the household's facts; values in euros, areas in square metres. */
public record ValueReviewAnswers(
    @Asked(knownAs = "parcel", forTheFile = true) @Nullable String parcel,
    @Nullable LocalDate noticeOn,
    @As(Form.LONG_TEXT) @Asked(optional = true) @Nullable String lateReason,
    @Nullable Amount currentValue,
    @Asked(optional = true) @Nullable Amount askedValue,
    @Nullable PropertyClass propertyClass,

    @Asked(
        optionsBy = "propertyClass",
        calls = {PaperKind.APPRAISAL, PaperKind.CONDITION_PHOTO})
    @Nullable
    List<ReviewGround> grounds,

    @Nullable LocalDate valuedOn,
    @Nullable Subject subject,
    @Asked(optional = true) List<ComparableSale> sales,

    @Asked(calls = {PaperKind.MANDATE, PaperKind.DEED}) @Nullable
    ReviewStanding standing,

    @Asked(when = "standing", is = "representative", counts = WhoseWord.OFFICE)
    boolean mandateGiven,

    @Asked(optional = true, forTheFile = true) List<String> earlierYears,
    @Asked(forTheFile = true) @Nullable Appearance appearance) {

  /** The property itself; its condition from 1, poor, to 5, as new. */
  public record Subject(
      @As(Form.NUMBER) @Nullable Amount area, @Nullable Integer condition) {
    boolean isComplete() {
      return area != null && condition != null;
    }
  }

  /** A property that was sold. */
  public record ComparableSale(
      @Asked(forTheFile = true) @Nullable String parcel,
      @Nullable LocalDate soldOn,
      @Nullable Amount price,
      @As(Form.NUMBER) @Nullable Amount area,
      @Nullable Integer condition) {

    boolean isComplete() {
      return soldOn != null
          && price != null
          && area != null
          && area.isPositive()
          && condition != null;
    }
  }
}
