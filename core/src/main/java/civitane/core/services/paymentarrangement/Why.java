package civitane.core.services.paymentarrangement;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;

/** The reasons and labels of the Payment Arrangement. */
enum Why implements ReasonCode {
  OWED(money("total")),
  NOTHING_OWED,
  DEBT_DISPUTED(number("debts"), money("total")),
  REASON_GIVEN,
  MONTHS_WITHIN(number("months")),
  MONTHS_OUTSIDE(number("months"), number("from"), number("to")),
  MONTHS_WANTED(number("from"), number("to")),
  DOWN_ENOUGH(number("percent"), number("least")),
  DOWN_TOO_LITTLE(number("percent"), number("least")),
  DOWN_SENIOR(number("percent"), number("least")),
  DOWN_MORE(number("more")),
  FIRST_DUE(date("on")),
  FIRST_DUE_TOO_EARLY(date("on")),
  LINE_TOTAL,
  LINE_DOWN,
  LINE_PART(number("months")),
  LINE_LAST;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "paymentArrangement";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
