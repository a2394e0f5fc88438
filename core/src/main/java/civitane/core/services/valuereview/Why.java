package civitane.core.services.valuereview;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of the Value Review. */
enum Why implements ReasonCode {
  MAY_ASK(word("standing")),
  MANDATE_WANTED,
  DEED_WANTED,
  GROUNDS(list("grounds")),
  NO_GROUND,
  NO_VALUE_ASKED,
  ASKED_LOWER(money("asked"), money("assessed")),
  ASKED_NOT_LOWER(money("asked"), money("assessed")),
  ASK_BELOW(money("assessed")),
  SALES_NOT_ASKED,
  SALES_USABLE(number("sales")),
  NO_SALE_USABLE,
  SALE_WITHOUT_AREA,
  GROUNDS_STRUCK(list("grounds")),
  SALES_LEFT_OUT(number("usable"), number("used")),
  LINE_SALE(number("number")),
  LINE_INDICATED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "valueReview";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
