package civitane.app.papers;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** The code of a letter or form of this office, as a picture on a page that comes back. */
final class ReplyCodes {
  private static final Pattern CODE =
      Pattern.compile("[?&]code=([A-Z0-9-]{12,14})(?:&item=(\\d{1,6}))?$");

  private ReplyCodes() {}

  /** The code on the picture of a page; empty where there is none that is ours. */
  static Optional<ReplyCode> on(byte[] picture) {
    try {
      var image = ImageIO.read(new ByteArrayInputStream(picture));
      return image == null ? Optional.empty() : text(image).flatMap(ReplyCodes::code);
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private static Optional<String> text(BufferedImage image) {
    var points = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    var source = new RGBLuminanceSource(image.getWidth(), image.getHeight(), points);
    var bits = new BinaryBitmap(new HybridBinarizer(source));
    try {
      return Optional.of(new QRCodeReader()
          .decode(bits, Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE))
          .getText());
    } catch (ReaderException e) {
      // There is none, or it can't be read: a person looks at the page.
      return Optional.empty();
    }
  }

  private static Optional<ReplyCode> code(String text) {
    var found = CODE.matcher(text);
    return found.find()
        ? Optional.of(new ReplyCode(
            found.group(1), found.group(2) == null ? null : Integer.valueOf(found.group(2))))
        : Optional.empty();
  }
}
