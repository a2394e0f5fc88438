package civitane.core.rules;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;

/** Reasons that every service may have. */
public enum Why implements ReasonCode {
  STILL_NEEDED(list("what")),
  IN_DISTRICT(text("postcode")),
  OUTSIDE_DISTRICT(text("postcode")),
  TIE_TO_DISTRICT,
  NO_TIE_TO_DISTRICT,
  INCOME_WITHIN(money("income"), money("limit"), money("left")),
  INCOME_OVER(money("income"), money("limit"), money("over")),
  INCOME_DISPUTED(money("low"), money("high"), money("limit")),
  INCOME_LESS(money("over")),
  OWNED_WITHIN(money("owned"), money("limit"), money("left")),
  OWNED_OVER(money("owned"), money("limit"), money("over")),
  OWNED_LESS(money("over")),
  IRREGULAR(person("person"), number("payslips")),
  PROVISIONAL,
  HARDSHIP_NAMED(list("kinds")),
  HARDSHIP_NOT_NAMED,
  LODGED_IN_TIME(number("days"), date("last")),
  LODGED_LATE(number("days"), date("last")),
  LODGED_TOO_EARLY(date("from")),
  LODGED_LATE_WITH_REASON(date("last")),
  IDENTITY_SHOWN(person("person"), list("papers")),
  IDENTITY_TWO_WANTED(person("person")),
  IDENTITY_ONE_MORE(person("person")),
  PAPERS_NONE_WANTED,
  PAPERS_ALL_THERE,
  PAPERS_WANTED(list("papers")),
  NEWER_RATES(date("from"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "rules";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
