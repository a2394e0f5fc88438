package civitane.app.papers;

import civitane.packet.form.CodePicture;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.regex.Pattern;

/** The code of a letter or form of this office, as a picture on a page that comes back. */
final class ReplyCodes {
  private static final Pattern CODE =
      Pattern.compile("[?&#]code=([A-Z0-9-]{12,14})(?:&item=(\\d{1,6}))?(?:#.*)?$");

  private ReplyCodes() {}

  /** The code on the picture of a page; empty where there is none that is ours. */
  static Optional<ReplyCode> on(BufferedImage page) {
    return CodePicture.textOn(page).flatMap(ReplyCodes::code);
  }

  private static Optional<ReplyCode> code(String text) {
    var found = CODE.matcher(text);
    return found.find()
        ? Optional.of(new ReplyCode(
            found.group(1), found.group(2) == null ? null : Integer.valueOf(found.group(2))))
        : Optional.empty();
  }
}
