package civitane.core.services.clearrecord;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;

/** The reasons and labels of the Clear Record. */
enum Why implements ReasonCode {
  OF_AGE(person("person"), number("age"), number("from")),
  TOO_YOUNG(person("person"), number("age"), number("from")),
  PURPOSE(text("purpose"), text("country")),
  REGISTER_CLEAR,
  REGISTER_ENTRY,
  REGISTER_NAMESAKE,
  BY_POST,
  SELF_COLLECTS,
  OTHER_COLLECTS,
  OTHER_NOT_AUTHORISED,
  LINE_FEE(number("copies")),
  LINE_POSTAGE,
  LINE_TO_PAY;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "clearRecord";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
