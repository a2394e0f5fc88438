package civitane.packet.form;

/**
 * Where a field of a form stands, as parts of the page's width and height from its upper left corner.
 *
 * @param page from 0
 */
public record FormPlace(
    String field, int page, double left, double top, double width, double height) {}
