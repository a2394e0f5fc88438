package civitane.core.services.namechange;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;

/** The reasons and labels of the Name Change. */
enum Why implements ReasonCode {
  NAME_DIFFERS(person("person")),
  NAME_THE_SAME(person("person")),
  LETTERS,
  NOT_LETTERS,
  NEVER_CHANGED,
  CHANGED_LONG_AGO(number("years")),
  CHANGED_LATELY(date("on"), number("years")),
  FROM_DAY(date("from")),
  ADULT_NEEDS_NO_CONSENT,
  NO_GUARDIAN,
  CONSENT_WANTED,
  CONSENT_GIVEN,
  NOTICE_WAIVED,
  NOTICE_PUBLISHED(date("on")),
  NOTICE_TO_COME(date("on"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "nameChange";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
