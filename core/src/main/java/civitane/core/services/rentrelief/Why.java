package civitane.core.services.rentrelief;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;

/** The reasons and labels of Rent Relief. */
enum Why implements ReasonCode {
  LEASE_ALL_LIVE_HERE,
  LEASE_EMPTY,
  LEASE_NONE_OF_US,
  LEASE_STRANGERS(list("names")),
  MONTH_TWICE,
  RENT_DIFFERS,
  NOTHING_TO_PAY,
  NOTHING_OWED,
  NEED(number("owed"), number("coming"), money("award")),
  LANDLORD_AGREES,
  LANDLORD_SILENT(number("days")),
  LANDLORD_OPEN,
  MONTHS_LEFT_OUT(number("before")),
  LINE_BACK(number("months")),
  LINE_COMING(number("months")),
  LINE_AWARD(money("cap")),
  CHART_INCOME,
  CHART_OWNED,
  CHART_PAID;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "rentRelief";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
