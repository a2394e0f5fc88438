package civitane.core.services.identitycheck;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

/** The reasons and labels of the Identity Check. */
enum Why implements ReasonCode {
  CLAIM_MADE,
  CLAIM_NOT_MADE;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "identityCheck";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
