package civitane.app.claims;

import java.util.UUID;

/**
 * Something happened to a claim.
 *
 * @param by who did it, as they are written down
 */
public record ClaimMoved(String number, UUID household, String by) {}
