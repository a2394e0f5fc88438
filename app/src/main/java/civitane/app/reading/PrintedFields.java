package civitane.app.reading;

import civitane.packet.form.FormPlace;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What stands in the fields of a form that was printed and scanned. The fields that something stands in are laid one
 * below the other, so that no label, box or neighbour is taken for part of an answer.
 */
public final class PrintedFields {
  /** Between two fields, in parts of the height of one. */
  private static final double APART = 0.8;

  private static final int MARGIN = 40;

  /** The frame of a field, which is left out, in parts of its height. */
  private static final double FRAME = 0.09;

  /** On a page of fewer points than this across or down nothing in a field can be read. */
  private static final int LEAST = 500;

  private static final int DARK = 120;

  /** An empty field has specks at most: so much of it must be dark. */
  private static final double WRITTEN_ON = 0.004;

  private PrintedFields() {}

  /** The texts of a page by the names of their fields, in the order of the form. */
  public static Map<String, String> on(BufferedImage page, List<FormPlace> places)
      throws IOException {
    var named = new ArrayList<String>();
    var fields = new ArrayList<BufferedImage>();
    if (page.getHeight() < LEAST || page.getWidth() < LEAST) {
      return Map.of();
    }
    for (var place : places) {
      var field = inside(page, place);
      if (isWrittenOn(field)) {
        named.add(place.field());
        fields.add(field);
      }
    }
    return fields.isEmpty() ? Map.of() : read(named, fields);
  }

  private static BufferedImage inside(BufferedImage page, FormPlace place) {
    var frame = place.height() * FRAME * page.getHeight();
    var left = (int) (place.left() * page.getWidth() + frame);
    var top = (int) (place.top() * page.getHeight() + frame);
    var width = (int) (place.width() * page.getWidth() - 2 * frame);
    var height = (int) (place.height() * page.getHeight() - 2 * frame);
    return page.getSubimage(
        left,
        top,
        Math.min(width, page.getWidth() - left),
        Math.min(height, page.getHeight() - top));
  }

  private static boolean isWrittenOn(BufferedImage field) {
    var dark = 0;
    for (var y = 0; y < field.getHeight(); y++) {
      for (var x = 0; x < field.getWidth(); x++) {
        dark += (field.getRGB(x, y) & 0xff) < DARK ? 1 : 0;
      }
    }
    return dark > field.getWidth() * field.getHeight() * WRITTEN_ON;
  }

  private static Map<String, String> read(List<String> named, List<BufferedImage> fields)
      throws IOException {
    var high = fields.stream().mapToInt(BufferedImage::getHeight).max().orElseThrow();
    var step = (int) (high * (1 + APART));
    var wide = fields.stream().mapToInt(BufferedImage::getWidth).max().orElseThrow();
    var column = new BufferedImage(
        wide + 2 * MARGIN, fields.size() * step + 2 * MARGIN, BufferedImage.TYPE_BYTE_GRAY);
    var graphics = column.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, column.getWidth(), column.getHeight());
    for (var i = 0; i < fields.size(); i++) {
      graphics.drawImage(fields.get(i), MARGIN, MARGIN + i * step, null);
    }
    graphics.dispose();
    var written = new LinkedHashMap<String, String>();
    for (var line : Pages.seen(column)) {
      for (var word : line.words()) {
        var down = (word.box().top() + word.box().height() / 2) * column.getHeight() - MARGIN;
        var row = (int) (down / step);
        if (row >= 0 && row < named.size()) {
          written.merge(named.get(row), word.text(), (before, next) -> before + " " + next);
        }
      }
    }
    return written;
  }
}
