package civitane.app.reading;

/**
 * Where something stands on a page, as parts of the page's width and height, from its upper left corner.
 *
 * @param left 0 at the left edge, 1 at the right one
 * @param top 0 at the upper edge, 1 at the lower one
 */
public record Box(double left, double top, double width, double height) {

  double right() {
    return left + width;
  }

  double bottom() {
    return top + height;
  }

  /** The smallest that holds both. */
  Box with(Box other) {
    var from = Math.min(left, other.left);
    var above = Math.min(top, other.top);
    return new Box(
        from,
        above,
        Math.max(right(), other.right()) - from,
        Math.max(bottom(), other.bottom()) - above);
  }

  /** Whether some of it stands above or below some of the other. */
  boolean sharesColumn(Box other) {
    return left < other.right() && other.left < right();
  }
}
