package civitane.core.identity;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;
import java.util.stream.Stream;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.person;
import static civitane.core.reasons.Parameter.text;
import static civitane.core.reasons.Parameter.word;

/** Why a paper does not speak for a person. */
public enum Why implements ReasonCode {
  NOT_ACCEPTED_YET,
  RETURNED,
  REPORTED_LOST,
  EXPIRED(date("on")),
  NOT_RECENT(number("days")),
  NAME_NOT_READ,
  NAME_DIFFERS,
  NAME_NEAR,
  BIRTH_DATE_DIFFERS,
  ZONE_BIRTH_DATE_DIFFERS,
  ZONE_CHARACTERS,
  ZONE_SHAPE,
  ZONE_DIGIT(word("part"), text("digit"), number("right"));

  private final List<Parameter> parameters;

  /** Every objection names the paper and whose it is first. */
  Why(Parameter... parameters) {
    this.parameters = Stream.concat(
            Stream.of(word("paper"), person("person")), Stream.of(parameters))
        .toList();
  }

  @Override
  public String scope() {
    return "identity";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
