package civitane.core.services.disabilityallowance;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;

/** The reasons and labels of the Disability Allowance. */
enum Why implements ReasonCode {
  AGE_WITHIN(person("person"), number("age"), number("from"), number("to")),
  AGE_OUTSIDE(person("person"), number("age"), number("from"), number("to")),
  NO_CERTIFICATE,
  CERTIFICATE_IN_FORCE,
  ISSUER_NOT_RECOGNISED,
  CERTIFICATE_TO_COME(date("on")),
  CERTIFICATE_ENDED(date("on")),
  PERCENT_ENOUGH(number("percent"), number("needed")),
  PERCENT_TOO_LOW(number("percent"), number("needed")),
  PERCENT_MORE(number("more")),
  NO_BAND(number("percent")),
  LEFT(money("left"), money("full")),
  NOTHING_LEFT(money("full")),
  EARNINGS_DISPUTED,
  EARN_LESS(money("less")),
  LINE_BAND(number("percent")),
  LINE_EARNINGS,
  LINE_FREE,
  LINE_MONTHLY,
  CHART_INCOME,
  CHART_BAND(number("percent"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "disabilityAllowance";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
