package civitane.core.claims;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * The one thing to do next with a claim.
 *
 * @param item what it is about; null for taking the claim up and for deciding it
 */
public record NextStep(
    Step step, Turn owner, LocalDate on, @Nullable Item item) {}
