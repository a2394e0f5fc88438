package civitane.core.foresight;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;
import static civitane.core.reasons.Parameter.word;

/** What a day that is known beforehand brings. */
public enum Why implements ReasonCode {
  /** From this birthday on somebody counts as an older child. */
  TURNS_OLDER(person("person"), date("on")),
  /** From this birthday on somebody signs and consents for themselves, and their income is asked for. */
  COMES_OF_AGE(person("person"), date("on")),
  PAPER_ENDS(word("paper"), person("person"), date("on")),
  GRANT_ENDS(text("what"), date("on"));

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "foresight";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
