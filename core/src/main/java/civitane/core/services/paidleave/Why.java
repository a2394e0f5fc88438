package civitane.core.services.paidleave;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of Paid Leave. */
enum Why implements ReasonCode {
  REASON_GIVEN(word("reason")),
  ENROLMENT_NOT_ASKED,
  ENROLLED,
  NOT_ENROLLED,
  DATES_FOLLOW,
  BENEFIT_BEFORE_ABSENCE,
  RETURN_BEFORE_START,
  WORKED_INTO_ABSENCE,
  EARNED(money("quarter"), money("needed")),
  EARNED_TOO_LITTLE(money("quarter"), money("needed"), money("under")),
  EARN_MORE(money("under")),
  NO_EXCLUDING_PAY,
  EXCLUDING_PAY(word("kind")),
  EXCLUDING_PAY_APPLIED(word("kind")),
  WEEKS_LEFT(number("weeks"), number("left")),
  WEEKS_USED(number("weeks")),
  WEEKS_PENDING(number("used")),
  TOLD_IN_TIME,
  TOLD_LATE(number("days")),
  HOURS_ZERO,
  LATE_NOTICE(number("days")),
  LINE_AVERAGE,
  LINE_WEEKLY,
  LINE_ASKED,
  LINE_GRANTED,
  LINE_PAYABLE,
  LINE_TOTAL,
  LINE_WITHHELD,
  LINE_NET,
  CHART_QUARTER,
  CHART_MOST,
  CHART_LEAST;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "paidLeave";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
