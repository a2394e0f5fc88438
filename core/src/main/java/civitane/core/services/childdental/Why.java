package civitane.core.services.childdental;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;

/** The reasons and labels of Child Dental. */
enum Why implements ReasonCode {
  TAX_FILED,
  TAX_NOT_FILED(person("person")),
  ASSESSED_WITHIN(money("income"), money("limit"), money("left")),
  ASSESSED_OVER(money("income"), money("limit"), money("over")),
  ASSESSED_LESS(money("over")),
  NO_CHILD,
  CHILD_TOO_OLD(person("child"), number("age")),
  CHILD_COVERED(person("child")),
  NO_CHILD_BENEFIT(person("child")),
  APPOINTMENT_OUTSIDE(date("on"), date("from"), date("last")),
  CHILD_PAID(person("child")),
  CHILD_MET(person("child")),
  LINE_CHILD(person("child")),
  LINE_TOTAL,
  CHART_BAND(money("income"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "childDental";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
