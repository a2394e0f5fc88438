package civitane.core.services.schoolmeals;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;

/** The reasons and labels of School Meals. */
enum Why implements ReasonCode {
  NO_CHILD,
  CHILD_OF_AGE(person("child"), number("age"), text("school")),
  CHILD_NOT_OF_AGE(person("child"), number("age"), number("from"), number("to")),
  OTHER_SCHOOL_YEAR,
  ALL_FREE,
  TOTAL_AGREES(number("people")),
  TOTAL_DIFFERS(number("stated"), number("listed")),
  SIGNED(person("person")),
  NOT_SIGNED,
  PRICE_DISPUTED(money("low"), money("high")),
  FREE_WITHIN(money("income"), money("limit"), money("left")),
  REDUCED_WITHIN(money("income"), money("limit"), money("left")),
  FULL_PRICE(money("income"), money("limit"), money("over")),
  FULL_BUT_FREE_CHILD(money("income"), money("limit")),
  LESS_INCOME(money("over")),
  BENEFIT_NUMBER,
  LINE_INCOME,
  LINE_FREE,
  LINE_REDUCED,
  CHART_FREE,
  CHART_REDUCED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "schoolMeals";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
