package civitane.app.reading;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;

/**
 * Takes the rules out of a picture: what stands in the boxes of a form is else taken for a drawing, and not read. A line
 * that is laid a little askew is a stair of long steps, and each goes.
 */
final class Ruled {
  private static final int DARK = 150;
  private static final int WHITE = 255;

  /** A dark stretch as long as this part of the width is a rule and no letter. */
  private static final int PART_OF_WIDTH = 22;

  private Ruled() {}

  /** The picture in grey, without its rules. */
  static BufferedImage without(BufferedImage picture) {
    var grey =
        new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D graphics = grey.createGraphics();
    graphics.drawImage(picture, 0, 0, null);
    graphics.dispose();
    var raster = grey.getRaster();
    var atLeast = Math.max(1, grey.getWidth() / PART_OF_WIDTH);
    var row = new int[grey.getWidth()];
    for (var y = 0; y < grey.getHeight(); y++) {
      raster.getSamples(0, y, row.length, 1, 0, row);
      if (cleared(row, atLeast)) {
        raster.setSamples(0, y, row.length, 1, 0, row);
      }
    }
    return grey;
  }

  /** Whitens the long dark stretches of a row of points; answers whether there were any. */
  private static boolean cleared(int[] row, int atLeast) {
    var any = false;
    var from = 0;
    for (var x = 0; x <= row.length; x++) {
      if (x == row.length || row[x] > DARK) {
        if (x - from >= atLeast) {
          Arrays.fill(row, from, x, WHITE);
          any = true;
        }
        from = x + 1;
      }
    }
    return any;
  }
}
