package civitane.core.services.decisionappeal;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

/** The reasons and labels of the Decision Appeal. */
enum Why implements ReasonCode {
  GROUNDS_GIVEN;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "decisionAppeal";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
