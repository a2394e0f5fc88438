package civitane.app.parties;

import civitane.core.facts.OutsideParty;
import civitane.core.facts.Parts;
import civitane.core.facts.PartyKind;
import civitane.core.services.rentrelief.RentReliefAnswers;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Landlords: whether they agree to be paid, and to which account. */
@Component
class LandlordBook extends NamedBook {
  LandlordBook(PartyRows rows, Parties parties) {
    super(rows, parties, PartyKind.LANDLORD);
  }

  @Override
  public String fact() {
    return "landlords";
  }

  @Override
  @Nullable
  Map<String, Object> told(Record answers) {
    return answers instanceof RentReliefAnswers rent ? Parts.byKey(rent.landlord()) : null;
  }

  @Override
  Map<String, @Nullable Object> answered(OutsideParty party) {
    var answered = new HashMap<String, @Nullable Object>();
    answered.put("iban", party.iban());
    answered.put("agrees", party.takesPart());
    return answered;
  }
}
