package civitane.core.services.studyadjustments;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What Study Adjustments ask beyond the household's facts. */
public record StudyAdjustmentsAnswers(
    @As(Form.PERSON) @Nullable String person,
    @Nullable Boolean enrolled,
    @Nullable String term,
    @Nullable List<StudyLimit> limits,

    @Asked(calls = {PaperKind.MEDICAL_CERTIFICATE, PaperKind.STUDY_RECORD}) @Nullable
    List<Condition> conditions,

    @Asked(forTheFile = true) boolean usedBefore) {

  /** A condition, and what it means for studying. */
  public record Condition(
      @Asked(forTheFile = true) @Nullable String kind,
      @As(Form.LONG_TEXT) @Nullable String detail) {}
}
