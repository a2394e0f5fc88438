package civitane.packet.form;

import civitane.core.rules.Entitlement;
import civitane.words.Language;
import civitane.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Makes the fillable PDF of a service, blank or with what is known. */
public final class FormWriter {
  /** The field by which a form of ours is known, whatever its file is called. */
  public static final String MARKER = "civitane-form";

  private final byte[] latin;
  private final byte[] arabic;

  /** A writer that sets everything in two TrueType fonts. */
  public FormWriter(byte[] latin, byte[] arabic) {
    this.latin = latin.clone();
    this.arabic = arabic.clone();
  }

  /** The form of a service on a day; what the packet holds is filled in. */
  public byte[] write(
      Entitlement<?> service, @Nullable JsonNode packet, LocalDate on, Language language) {
    var words = Words.in(language);
    return write(
        words.say("letter.form.title", "service", words.title(service.word())),
        service.word(),
        words.say("letter.form.note"),
        FormLayout.of(service, on, words),
        packet,
        words,
        null);
  }

  /** @param code a picture by which the form is known again on paper; null for none */
  byte[] write(
      String title,
      String marker,
      String hint,
      List<FormSection> sections,
      @Nullable JsonNode packet,
      Words words,
      byte @Nullable [] code) {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var typeface = new Typeface(document, latin, arabic, words.language().runsRightToLeft());
      var sheet = new Sheet(document, typeface, title, words);
      sheet.title(title, hint);
      sheet.hidden(MARKER, marker);
      for (var section : sections) {
        sheet.section(section, packet);
      }
      sheet.end();
      if (code != null) {
        sheet.code(code);
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
