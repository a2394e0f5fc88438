package civitane.core.services.estateauthority;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of the Estate Authority. */
enum Why implements ReasonCode {
  DEATH_RECORDED(date("on")),
  DEATH_TO_COME(date("on")),
  MAY_ASK(word("who")),
  NO_WILL,
  CREDITOR_TOO_EARLY(date("from")),
  FROM_DAY(date("from")),
  WORTH(money("value")),
  DUTIES_ACCEPTED,
  DUTIES_NOT_ACCEPTED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "estateAuthority";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
