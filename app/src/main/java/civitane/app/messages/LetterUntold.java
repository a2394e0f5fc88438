package civitane.app.messages;

import java.util.UUID;

/**
 * The message that told of a letter reached nobody.
 *
 * @param to where it was sent
 */
public record LetterUntold(UUID letter, String to) {}
