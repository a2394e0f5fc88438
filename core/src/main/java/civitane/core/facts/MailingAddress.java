package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/** Where letters go, if not home. */
public record MailingAddress(
    @Nullable String line1, @Nullable String town, @Nullable String postcode) {}
