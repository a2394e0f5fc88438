package civitane.packet.form;

import civitane.core.rules.Entitlement;
import civitane.words.Language;
import civitane.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Makes the fillable PDF of a service, blank or with what is known. */
public final class FormWriter {
  /** The field by which a form of ours is known, whatever its file is called. */
  public static final String MARKER = "civitane-form";

  private final byte[] latin;
  private final byte[] values;
  private final byte[] arabic;

  /** A writer that sets labels, what stands in fields, and Arabic in a TrueType font each. */
  public FormWriter(byte[] latin, byte[] values, byte[] arabic) {
    this.latin = latin.clone();
    this.values = values.clone();
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
        page -> new FormCode(service.word(), on, language, page).text());
  }

  /** Where the fields of the form of a service stand. */
  public List<FormPlace> places(Entitlement<?> service, LocalDate on, Language language) {
    try (var document = Loader.loadPDF(write(service, null, on, language))) {
      var places = new ArrayList<FormPlace>();
      for (var field : document.getDocumentCatalog().getAcroForm().getFieldTree()) {
        var widget = field.getWidgets().get(0);
        var where = widget.getRectangle();
        var sheet = widget.getPage().getMediaBox();
        if (where.getWidth() > 0) {
          places.add(new FormPlace(
              field.getFullyQualifiedName(),
              document.getPages().indexOf(widget.getPage()),
              where.getLowerLeftX() / sheet.getWidth(),
              1 - where.getUpperRightY() / sheet.getHeight(),
              where.getWidth() / sheet.getWidth(),
              where.getHeight() / sheet.getHeight()));
        }
      }
      return List.copyOf(places);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** @param code what the picture of each page says, by which it is known again on paper */
  byte[] write(
      String title,
      String marker,
      String hint,
      List<FormSection> sections,
      @Nullable JsonNode packet,
      Words words,
      IntFunction<String> code) {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var typeface =
          new Typeface(document, latin, values, arabic, words.language().runsRightToLeft());
      var sheet = new Sheet(document, typeface, title, words);
      sheet.title(title, hint);
      sheet.hidden(MARKER, marker);
      for (var section : sections) {
        sheet.section(section, packet);
      }
      sheet.end();
      for (var page = 0; page < sheet.pages(); page++) {
        sheet.code(page, CodePicture.png(code.apply(page)));
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
