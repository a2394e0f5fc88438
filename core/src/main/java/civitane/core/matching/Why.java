package civitane.core.matching;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;

/** Why a fact looks wrong, or two records look alike. */
public enum Why implements ReasonCode {
  WAGE_LOOKS_MONTHLY(money("said"), money("yearly"), money("perhaps")),
  WAGE_LOOKS_HOURLY(money("said"), money("perhaps")),
  REGISTER_DIFFERS(money("register"), money("said")),
  MAIL_NOT_WRITTEN(text("address")),
  MAIL_PERHAPS(text("address")),
  PHONE_SHORT(text("number")),
  BORN_LATER(person("person"), date("on")),
  TOO_OLD_A_CHILD(person("person"), date("on"), date("parent")),
  LISTED_TWICE(text("name")),
  RENT_ABOVE_INCOME(money("rent")),
  NUMBER_SAME,
  NUMBER_DIFFERS,
  NAME_SAME,
  NAME_CLOSE,
  NAME_OTHER_SCRIPT,
  GIVEN_NAME_SAME,
  FAMILY_NAME_SAME,
  NAME_DIFFERS,
  BORN_SAME_DAY,
  BORN_NEAR,
  BORN_ANOTHER_DAY,
  ADDRESS_SAME,
  POSTCODE_SAME;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "matching";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
