package civitane.core.claims;

/**
 * Something that was done with a claim.
 *
 * @param turn whose turn it is since
 */
public record Happened(Move move, Act act, Turn turn) {}
