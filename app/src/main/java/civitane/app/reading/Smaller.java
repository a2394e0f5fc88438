package civitane.app.reading;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;

/** A picture of fewer points: by halves first, so that each point of it counts and thin letters stay whole. */
public final class Smaller {
  private Smaller() {}

  /** That picture with so many points across and down, no more than it has. */
  public static BufferedImage of(BufferedImage image, int width, int height) {
    var smaller = image;
    while (smaller.getWidth() >= 2 * width && smaller.getHeight() >= 2 * height) {
      smaller = drawn(smaller, smaller.getWidth() / 2, smaller.getHeight() / 2);
    }
    return drawn(smaller, width, height);
  }

  private static BufferedImage drawn(BufferedImage image, int width, int height) {
    var drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    var graphics = drawn.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(image, 0, 0, width, height, null);
    graphics.dispose();
    return drawn;
  }
}
