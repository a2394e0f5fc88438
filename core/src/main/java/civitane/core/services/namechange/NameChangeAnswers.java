package civitane.core.services.namechange;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import civitane.core.facts.WhoseWord;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a Name Change asks beyond the household's facts.
 *
 * @param newGivenName the new given name; an absent one stays
 * @param noticeWaived whether publishing would endanger somebody
 * @param lastChangeOn the day of the last change; null where there was none
 */
public record NameChangeAnswers(
    @As(Form.PERSON) @Nullable String person,
    @Asked(optional = true) @Nullable String newGivenName,
    @Asked(optional = true) @Nullable String newFamilyName,
    @As(Form.LONG_TEXT) @Asked(forTheFile = true) @Nullable String reason,
    @Asked(counts = WhoseWord.OFFICE) boolean noticeWaived,

    @Asked(when = "noticeWaived", is = "false", calls = PaperKind.PUBLISHED_NOTICE) @Nullable
    LocalDate noticePublishedOn,

    @Asked(optional = true) @Nullable LocalDate lastChangeOn,
    @Asked(optional = true, calls = PaperKind.CONSENT) List<Guardian> guardians) {

  /** A guardian of a minor. */
  public record Guardian(
      @Asked(forTheFile = true) @Nullable String name,
      @Nullable Boolean consents,
      @Nullable ConsentAbsence absence) {

    boolean hasConsented() {
      return Boolean.TRUE.equals(consents);
    }
  }
}
