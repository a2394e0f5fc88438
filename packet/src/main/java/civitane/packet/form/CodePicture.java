package civitane.packet.form;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.EncodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.WriterException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;

/** A text as a picture that machines read. */
public final class CodePicture {
  /** Points of a side at least, and of each square. */
  private static final int SIZE = 132;

  private static final int SQUARE = 3;

  /** White squares around it: few, for it is printed on white, and its own squares are larger with them. */
  private static final Map<EncodeHintType, Integer> HOW = Map.of(EncodeHintType.MARGIN, 2);

  private static final int BLACK = 0x15211F;
  private static final int WHITE = 0xFFFFFF;

  private CodePicture() {}

  /** The picture as PNG. */
  public static byte[] png(String text) {
    try {
      var writer = new QRCodeWriter();
      var squares = writer.encode(text, BarcodeFormat.QR_CODE, 1, 1, HOW).getWidth();
      var size = squares * Math.max(SQUARE, (SIZE + squares - 1) / squares);
      var bits = writer.encode(text, BarcodeFormat.QR_CODE, size, size, HOW);
      var image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
      for (var x = 0; x < size; x++) {
        for (var y = 0; y < size; y++) {
          image.setRGB(x, y, bits.get(x, y) ? BLACK : WHITE);
        }
      }
      var png = new ByteArrayOutputStream();
      ImageIO.write(image, "png", png);
      return png.toByteArray();
    } catch (WriterException | IOException e) {
      throw new IllegalStateException("the code could not be drawn", e);
    }
  }

  /** The text of such a picture somewhere on a page; empty where there is none, or it can't be read. */
  public static Optional<String> textOn(BufferedImage page) {
    var points = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
    var source = new RGBLuminanceSource(page.getWidth(), page.getHeight(), points);
    // The one sees through shadows, the other keeps small squares apart.
    return text(new HybridBinarizer(source)).or(() -> text(new GlobalHistogramBinarizer(source)));
  }

  private static Optional<String> text(Binarizer page) {
    try {
      return Optional.of(new QRCodeReader()
          .decode(new BinaryBitmap(page), Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE))
          .getText());
    } catch (ReaderException e) {
      // A person looks at the page.
      return Optional.empty();
    }
  }
}
