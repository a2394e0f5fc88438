package civitane.core.rules;

/** The test RES: the household lives in the district. */
public final class Residence {
  private static final String POSTCODE = "/household/address/postcode";
  private static final String TIES = "/household/address/tiesToDistrict";

  private Residence() {}

  public static Test test(Situation it) {
    var address = it.household().address();
    if (address.noFixedAddress()) {
      return it.check("RES")
          .needsFact(TIES, address.tiesToDistrict())
          .must(
              address.tiesToDistrict(),
              () -> "There is no fixed address and no tie to the district.")
          .orMet(() -> "There is no fixed address, but a tie to the district.");
    }
    var postcode =
        address.postcode() == null || address.postcode().isBlank() ? null : address.postcode();
    return it.check("RES")
        .needsFact(POSTCODE, postcode)
        .must(
            postcode == null ? null : it.rates().district().covers(postcode),
            () -> "The postcode " + postcode + " lies outside the district.")
        .orMet(() -> "The postcode " + postcode + " lies in the district.");
  }
}
