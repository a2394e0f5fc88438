package civitane.packet;

/**
 * Something wrong with a packet.
 *
 * @param pointer the JSON Pointer of the place
 * @param message what is wrong
 * @param expected what would be right
 */
public record Fault(String pointer, String message, String expected) {}
