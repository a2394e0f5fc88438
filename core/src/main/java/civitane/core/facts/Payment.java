package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/** How the household wants to be paid. */
public record Payment(
    PaymentMethod method, @Nullable String iban, @Nullable String holder) {}
