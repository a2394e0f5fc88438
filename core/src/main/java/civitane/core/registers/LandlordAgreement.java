package civitane.core.registers;

import org.jspecify.annotations.Nullable;

/**
 * What a landlord has agreed to.
 *
 * @param agrees whether to be paid by this office, and to let the tenants stay
 * @param iban the account to be paid to; null where none was told
 */
public record LandlordAgreement(boolean agrees, @Nullable String iban) {}
