package civitane.core.income;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.person;

/** Why it is not known what a household has. */
public enum Why implements ReasonCode {
  BIRTH_DATE_MISSING(person("person")),
  AMOUNT_MISSING(person("person")),
  FREQUENCY_MISSING(person("person")),
  SAME_PERIOD_TWICE(person("person")),
  INCOME_AND_NONE(person("person")),
  NOTHING_SAID(person("person"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "income";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
