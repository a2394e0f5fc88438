package civitane.core.services.taxpayernumber;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.list;

/** The reasons and labels of the Taxpayer Number. */
enum Why implements ReasonCode {
  NO_NUMBER_YET,
  NUMBER_ALREADY,
  SOURCES(list("sources")),
  NO_SOURCE,
  TWO_PAPERS,
  PAPER_AND_VOUCHER,
  PAPERS_WANTED;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "taxpayerNumber";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
