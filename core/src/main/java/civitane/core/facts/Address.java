package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/**
 * Where a household lives and where its letters go.
 *
 * @param noFixedAddress the household has no fixed address; then {@code tiesToDistrict} decides where it belongs
 * @param hidden the address is protected and shown to named people only
 * @param mailing another address for letters
 */
public record Address(
    @Nullable String line1,
    @Nullable String town,
    @Nullable String postcode,
    boolean noFixedAddress,
    @Nullable Boolean tiesToDistrict,
    boolean hidden,
    @Nullable MailingAddress mailing) {

  public static Address at(String line1, String town, String postcode) {
    return new Address(line1, town, postcode, false, null, false, null);
  }

  public static final Address UNKNOWN = new Address(null, null, null, false, null, false, null);
}
