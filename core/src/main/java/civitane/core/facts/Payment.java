package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/** How the household wants to be paid. */
public record Payment(
    @Required PaymentMethod method,
    @As(Form.IBAN) @Nullable String iban,
    @Nullable String holder) {}
