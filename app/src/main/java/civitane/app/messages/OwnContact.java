package civitane.app.messages;

import civitane.core.facts.Contact;
import civitane.core.facts.Way;
import civitane.core.facts.WayKind;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A phone or mail address that somebody says is theirs alone.
 *
 * @param key how it is known again, however it was typed
 */
public record OwnContact(Way way, String key) {
  private static final Pattern MAIL =
      Pattern.compile("[^\\s@]{1,64}@[^\\s@]{1,180}\\.[^\\s@.]{2,20}");
  private static final Pattern PHONE = Pattern.compile("\\+?[\\d\\s/().-]{6,30}");
  private static final int FEWEST_DIGITS = 6;

  /** What was typed as a contact; empty where it is neither a phone number nor a mail address. */
  public static Optional<OwnContact> of(@Nullable String typed) {
    var text = typed == null ? "" : typed.strip();
    if (MAIL.matcher(text).matches()) {
      return Optional.of(new OwnContact(
          new Way(WayKind.MAIL, text, true, null), "mail:" + text.toLowerCase(Locale.ROOT)));
    }
    var digits = text.replaceAll("\\D", "");
    return PHONE.matcher(text).matches() && digits.length() >= FEWEST_DIGITS
        ? Optional.of(new OwnContact(new Way(WayKind.PHONE, text, true, null), "phone:" + digits))
        : Optional.empty();
  }

  /** By what tries with a contact are counted, however it was typed. */
  public static String counted(@Nullable String typed) {
    return of(typed).map(OwnContact::key).orElse("no contact");
  }

  public boolean isMail() {
    return way.kind() == WayKind.MAIL;
  }

  /** Whether somebody is reached by it. */
  public boolean reaches(@Nullable Contact contact) {
    return contact != null
        && Stream.of(contact.phone(), contact.email())
            .flatMap(own -> of(own).stream())
            .anyMatch(own -> own.key().equals(key));
  }
}
