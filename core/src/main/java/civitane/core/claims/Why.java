package civitane.core.claims;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.text;
import static civitane.core.reasons.Parameter.word;

/** Why something can't be done with a claim, or is wanted by the office itself. */
public enum Why implements ReasonCode {
  NOT_IN_THIS_STATE(word("state")),
  HELD_BY_SOMEBODY(text("holder")),
  NO_SUCH_ITEM,
  ITEM_NOT_LIVE(word("state")),
  NOTHING_CAME,
  NOT_LATER(date("due")),
  STILL_WANTED,
  NOTHING_TO_SIGN,
  SIGNED_FIRST,
  WAITS_FOR_SECOND,
  SECOND_WANTED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "claims";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
