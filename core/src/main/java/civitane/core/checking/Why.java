package civitane.core.checking;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;
import static civitane.core.reasons.Parameter.word;

/** Why two things that should be the same are not. */
public enum Why implements ReasonCode {
  /** The population register has nobody of that number. */
  NUMBER_UNKNOWN(person("person")),
  NAME_DIFFERS(person("person"), text("said"), text("found")),
  BIRTH_DATE_DIFFERS(person("person"), date("said"), date("found")),
  ADDRESS_DIFFERS(person("person"), text("said"), text("found")),
  WAGE_NOT_NAMED(person("person"), text("employer"), money("wage")),
  ACCOUNT_UNKNOWN,
  ACCOUNT_OF_ANOTHER(text("said"), text("found")),
  PAPER_NOT_ISSUED(word("paper"), person("person")),
  PAPER_OF_ANOTHER(word("paper"), person("person"), text("found")),
  PAPER_LOST(word("paper"), person("person"), date("on")),
  LOAN_UNKNOWN,
  LENDER_FIGURE_DIFFERS(money("said"), money("found"), date("on")),
  PARCEL_UNKNOWN(text("parcel")),
  PARCEL_OF_ANOTHER(text("parcel"), text("found")),
  PARCEL_VALUE_DIFFERS(money("said"), money("found")),
  TAX_FILED_DIFFERS(person("person"), word("said"), word("found")),
  TAX_UNKNOWN(person("person")),
  ASSESSED_INCOME_DIFFERS(money("said"), money("found")),
  CHILD_BENEFIT_DIFFERS(person("person"), word("said"), word("found")),
  /** Leave is asked for on days that no certificate covers. */
  LEAVE_BEYOND(
      person("person"), date("asked"), date("askedUntil"), date("covered"), date("coveredUntil")),
  RECORD_OF_ANOTHER(text("said"), text("found")),
  SIGNED_OTHERWISE(person("person"), text("found"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "checking";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
