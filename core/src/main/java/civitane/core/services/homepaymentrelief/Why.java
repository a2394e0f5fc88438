package civitane.core.services.homepaymentrelief;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of Home Payment Relief. */
enum Why implements ReasonCode {
  MAIN_HOME,
  NOT_MAIN_HOME,
  OWNED_BY_PEOPLE,
  OWNED_BY_COMPANY,
  A_HOME(word("type")),
  NO_HOME(word("type")),
  MISSED(number("within"), number("missed")),
  MISSED_TOO_FEW(number("within"), number("missed"), number("needed")),
  MISSED_NEEDED(number("within"), number("missed"), number("needed")),
  NO_OTHER_HOME,
  OTHER_HOMES(number("homes")),
  OTHER_HOMES_NONE,
  NO_INSOLVENCY,
  TRUSTEE_CONSENTS,
  TRUSTEE_NOT_YET,
  ALL_SIGNED,
  STILL_TO_SIGN(list("who")),
  LENDER_TAKES_PART,
  LENDER_DOES_NOT,
  LENDER_DIFFERS(number("percent")),
  LENDER_FIGURE_OLD(number("days")),
  LINE_DUE_BY_LENDER,
  LINE_DUE_BY_OWNER,
  LINE_CHARGES,
  LINE_AWARD(money("cap")),
  CHART_INCOME,
  CHART_LIQUID,
  CHART_PAID;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "homePaymentRelief";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
