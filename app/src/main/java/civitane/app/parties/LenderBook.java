package civitane.app.parties;

import civitane.core.facts.OutsideParty;
import civitane.core.facts.Parts;
import civitane.core.facts.PartyKind;
import civitane.core.services.homepaymentrelief.HomePaymentReliefAnswers;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Lenders: whether they take part. */
@Component
class LenderBook extends NamedBook {
  LenderBook(PartyRows rows, Parties parties) {
    super(rows, parties, PartyKind.LENDER);
  }

  @Override
  public String fact() {
    return "lenders";
  }

  @Override
  @Nullable
  Map<String, Object> told(Record answers) {
    return answers instanceof HomePaymentReliefAnswers home ? Parts.byKey(home.lender()) : null;
  }

  @Override
  Map<String, @Nullable Object> answered(OutsideParty party) {
    var answered = new HashMap<String, @Nullable Object>();
    answered.put("participates", party.takesPart());
    return answered;
  }
}
