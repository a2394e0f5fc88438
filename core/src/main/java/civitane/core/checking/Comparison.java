package civitane.core.checking;

import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Two things side by side that should be the same.
 *
 * @param place the JSON Pointer of whom or what it is about
 * @param part which of several at that place; empty where there is one
 * @param said by the household; null where it said nothing of it
 * @param found on the other side; null where there is nothing
 * @param differs why it does not do as it is; null where it does
 */
public record Comparison(
    Matter matter,
    String place,
    String part,
    Argument.Who about,
    @Nullable Argument said,
    @Nullable Argument found,
    Verdict verdict,
    @Nullable Reason differs) {}
