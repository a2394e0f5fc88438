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

  /** A dark stretch across as long as this part of the width is a rule and no letter. */
  private static final int ACROSS = 22;

  /** One down as long as this part of the width is the side of a box: letters are not so high. */
  private static final int DOWN = 40;

  private Ruled() {}

  /** The picture in grey, without its rules. */
  static BufferedImage without(BufferedImage picture) {
    var grey =
        new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D graphics = grey.createGraphics();
    graphics.drawImage(picture, 0, 0, null);
    graphics.dispose();
    var raster = grey.getRaster();
    var row = new int[grey.getWidth()];
    for (var y = 0; y < grey.getHeight(); y++) {
      raster.getSamples(0, y, row.length, 1, 0, row);
      if (cleared(row, grey.getWidth() / ACROSS)) {
        raster.setSamples(0, y, row.length, 1, 0, row);
      }
    }
    var column = new int[grey.getHeight()];
    for (var x = 0; x < grey.getWidth(); x++) {
      raster.getSamples(x, 0, 1, column.length, 0, column);
      if (cleared(column, grey.getWidth() / DOWN)) {
        raster.setSamples(x, 0, 1, column.length, 0, column);
      }
    }
    return grey;
  }

  /** Whitens the long dark stretches of a line of points; answers whether there were any. */
  private static boolean cleared(int[] line, int atLeast) {
    var any = false;
    var from = 0;
    for (var x = 0; x <= line.length; x++) {
      if (x == line.length || line[x] > DARK) {
        if (x - from >= Math.max(1, atLeast)) {
          Arrays.fill(line, from, x, WHITE);
          any = true;
        }
        from = x + 1;
      }
    }
    return any;
  }
}
