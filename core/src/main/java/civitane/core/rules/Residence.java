package civitane.core.rules;

import civitane.core.reasons.Argument;

import static civitane.core.facts.Known.known;

/** RES: the household lives in the district. */
public final class Residence {
  private static final String POSTCODE = "/household/address/postcode";
  private static final String TIES = "/household/address/tiesToDistrict";

  private Residence() {}

  public static Check check(Situation<?> it) {
    var address = it.household().address();
    if (address.noFixedAddress()) {
      return it.check("RES")
          .needsFact(TIES, address.tiesToDistrict())
          .must(address.tiesToDistrict(), Why.NO_TIE_TO_DISTRICT::with)
          .orMet(Why.TIE_TO_DISTRICT::with);
    }
    var postcode =
        address.postcode() == null || address.postcode().isBlank() ? null : address.postcode();
    return it.check("RES")
        .needsFact(POSTCODE, postcode)
        .must(
            postcode == null ? null : it.rates().district().covers(postcode),
            () -> Why.OUTSIDE_DISTRICT.with(Argument.told(known(postcode))))
        .orMet(() -> Why.IN_DISTRICT.with(Argument.told(known(postcode))));
  }
}
