package civitane.core.services.householdallowance;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.number;

/** The reasons and labels of the Household Allowance. */
enum Why implements ReasonCode {
  GROSS_NOT_ASKED(number("age")),
  SHELTER_DIFFERS,
  PAPERS_MAY_FOLLOW,
  PAPERS_FOLLOW,
  LINE_INCOME,
  LINE_EARNINGS_LEFT_OUT,
  LINE_BASIC_ALLOWANCE,
  LINE_CHILDCARE,
  LINE_SUPPORT,
  LINE_MEDICAL,
  LINE_HOUSING,
  LINE_NET,
  LINE_MONTHLY,
  CHART_GROSS,
  CHART_NET,
  CHART_PAID,
  CHART_OWNED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "householdAllowance";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
