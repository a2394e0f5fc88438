package civitane.core.services.legaladvice;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.word;

/** The reasons and labels of Legal Advice. */
enum Why implements ReasonCode {
  URGENT_LINE,
  NOTHING_URGENT,
  DATE_PASSED(word("kind"), date("on")),
  AREA_TAKEN,
  AREA_NOT_TAKEN,
  FREE_TO_ADVISE,
  MAYBE_NOT_FREE,
  PRELIMINARY,
  CHART_INCOME,
  CHART_STRETCHED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "legalAdvice";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
