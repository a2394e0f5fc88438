package civitane.core.services.studyadjustments;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;

/** The reasons and labels of Study Adjustments. */
enum Why implements ReasonCode {
  ENROLLED,
  NOT_ENROLLED,
  NO_CONDITION,
  CONDITIONS_DESCRIBED,
  LIMITS(list("limits")),
  NO_LIMIT,
  PROVISIONAL;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "studyAdjustments";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
