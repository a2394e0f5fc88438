package civitane.packet.form;

import civitane.words.Language;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a page of a form says of itself in its picture: by it the page is known when its fields are gone.
 *
 * @param on the day it was made, by which it asks for quarters
 * @param page from 0
 */
public record FormCode(String service, LocalDate on, Language language, int page) {
  private static final Pattern WRITTEN =
      Pattern.compile("civitane/(\\w{1,40})/(\\d{8})/([a-z]{2})/(\\d{1,2})");

  String text() {
    return String.join(
        "/",
        "civitane",
        service,
        on.format(DateTimeFormatter.BASIC_ISO_DATE),
        language.word(),
        Integer.toString(page));
  }

  /** Whether it is a page of the same form as another one. */
  public boolean isOf(FormCode other) {
    return service.equals(other.service) && on.equals(other.on) && language == other.language;
  }

  /** The code that a picture says; empty where it says something else. */
  public static Optional<FormCode> of(String text) {
    var found = WRITTEN.matcher(text);
    if (!found.matches()) {
      return Optional.empty();
    }
    try {
      return Optional.of(new FormCode(
          found.group(1),
          LocalDate.parse(found.group(2), DateTimeFormatter.BASIC_ISO_DATE),
          Language.of(found.group(3)),
          Integer.parseInt(found.group(4))));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }
}
