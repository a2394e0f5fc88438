package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/**
 * A further way to reach somebody.
 *
 * @param safe whether nobody else comes upon it; an absent answer is no permission
 */
public record Way(
    @Required WayKind kind,
    @Nullable String at,
    @Nullable Boolean safe,
    @Nullable String bestTime) {}
