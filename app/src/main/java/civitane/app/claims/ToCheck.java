package civitane.app.claims;

import java.util.UUID;

/**
 * A household said or showed something that may be held against registers.
 *
 * @param by the login of whoever took it
 */
public record ToCheck(UUID household, String by) {}
