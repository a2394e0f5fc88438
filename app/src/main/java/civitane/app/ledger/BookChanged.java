package civitane.app.ledger;

import java.util.UUID;

/**
 * A book of the office says something else of a household than before.
 *
 * @param by the login of whoever wrote it
 */
public record BookChanged(UUID household, String by) {}
