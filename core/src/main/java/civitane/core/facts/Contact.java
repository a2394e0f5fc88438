package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/** How a person can be reached, and which ways are safe. An absent answer is no permission. */
public record Contact(
    @Nullable String phone,
    @Nullable String email,
    @Nullable Boolean mayCall,
    @Nullable Boolean mayText,
    @Nullable Boolean mayWrite,
    @Nullable String bestTime) {}
