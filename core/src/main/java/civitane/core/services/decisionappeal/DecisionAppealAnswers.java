package civitane.core.services.decisionappeal;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What a Decision Appeal asks beyond the household's facts.
 *
 * @param decision the number of the claim that was decided
 * @param deliveredOn the day it reached the household; the day of the notice stands for it
 */
public record DecisionAppealAnswers(
    @Asked(forTheFile = true) @Nullable String decision,
    @Nullable LocalDate noticeOn,
    @Asked(optional = true) @Nullable LocalDate deliveredOn,
    @Nullable DecidedKind kind,
    @As(Form.LONG_TEXT) @Nullable String grounds,
    @As(Form.LONG_TEXT) @Asked(optional = true) @Nullable String lateReason,
    boolean keepPaying) {

  @Nullable
  LocalDate delivered() {
    return deliveredOn != null ? deliveredOn : noticeOn;
  }
}
