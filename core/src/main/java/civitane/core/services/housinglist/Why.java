package civitane.core.services.housinglist;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of the Housing List. */
enum Why implements ReasonCode {
  ADULT(person("person"), number("age")),
  NOT_ADULT(person("person"), number("age")),
  LISTS_OPEN(list("lists")),
  NO_LIST_OPEN,
  RENT_DIFFERS,
  LISTS_LEFT_OUT(list("lists")),
  HOMELESS_TIMES,
  LINE_GROUND(word("ground")),
  LINE_POINTS;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "housingList";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
