package civitane.packet.form;

import civitane.core.rules.Entitlement;
import civitane.words.Language;
import civitane.words.Words;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceCharacteristicsDictionary;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.pdmodel.interactive.form.PDComboBox;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import org.apache.pdfbox.pdmodel.interactive.form.PDTextField;
import org.apache.pdfbox.pdmodel.interactive.form.PDVariableText;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

import static civitane.core.facts.Known.known;

/** Makes the fillable PDF of a service, blank or with what is known. */
public final class FormWriter {
  /** The field by which a form of ours is known, whatever its file is called. */
  static final String MARKER = "civitane-form";

  /** Letters, marks and signs of Arabic; a question mark of it is of no script of its own. */
  private static final Set<Character.UnicodeBlock> ARABIC = Set.of(
      Character.UnicodeBlock.ARABIC,
      Character.UnicodeBlock.ARABIC_PRESENTATION_FORMS_A,
      Character.UnicodeBlock.ARABIC_PRESENTATION_FORMS_B);

  private static final float MARGIN = 45;
  private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
  private static final float GAP = 8;
  private static final float FIELD_HEIGHT = 17;
  private static final float ROW_HEIGHT = 34;
  private static final float LABEL_SIZE = 8;
  private static final float TITLE_SIZE = 16;
  private static final float HEAD_SIZE = 11;
  private static final PDColor LINE =
      new PDColor(new float[] {0.52f, 0.56f, 0.55f}, PDDeviceRGB.INSTANCE);

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
        words);
  }

  byte[] write(
      String title,
      String marker,
      String hint,
      List<FormSection> sections,
      @Nullable JsonNode packet,
      Words words) {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var sheet = new Sheet(document, words);
      sheet.title(title, hint);
      sheet.hidden(MARKER, marker);
      for (var section : sections) {
        sheet.section(section, packet);
      }
      sheet.end();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The pages as they are filled, from the top down. */
  private final class Sheet {
    private final PDDocument document;
    private final PDAcroForm form;
    private final PDFont latinFont;
    private final PDFont arabicFont;
    private final boolean fromRight;
    private final Words words;
    private final String appearance;
    private PDPage page;
    private PDPageContentStream content;
    private float y;

    Sheet(PDDocument document, Words words) throws IOException {
      this.document = document;
      this.words = words;
      this.fromRight = words.language().runsRightToLeft();
      this.form = new PDAcroForm(document);
      this.latinFont = PDType0Font.load(document, new ByteArrayInputStream(latin), false);
      this.arabicFont = fromRight
          ? PDType0Font.load(document, new ByteArrayInputStream(arabic), false)
          : latinFont;
      document.getDocumentCatalog().setAcroForm(form);
      document.getDocumentCatalog().setLanguage(words.language().word());
      var resources = new PDResources();
      var name = resources.add(latinFont);
      form.setDefaultResources(resources);
      this.appearance = "/" + name.getName() + " 10 Tf 0 g";
      form.setDefaultAppearance(appearance);
      turn();
    }

    private void turn() throws IOException {
      if (content != null) {
        content.close();
      }
      page = new PDPage(PDRectangle.A4);
      document.addPage(page);
      content = new PDPageContentStream(document, page);
      y = PDRectangle.A4.getHeight() - MARGIN;
    }

    /** Sets a line that begins at a margin: at the left one, or at the right one of a language read from there. */
    private void line(String text, float left, float width, float size) throws IOException {
      var drawn = fromRight ? RightToLeft.drawn(text) : text;
      var x = fromRight ? left + width - width(drawn, size) : left;
      content.beginText();
      content.newLineAtOffset(x, y);
      var from = 0;
      while (from < drawn.length()) {
        var font = font(drawn.charAt(from));
        var to = from + 1;
        while (to < drawn.length() && font(drawn.charAt(to)) == font) {
          to++;
        }
        content.setFont(font, size);
        content.showText(drawn.substring(from, to));
        from = to;
      }
      content.endText();
    }

    private float width(String drawn, float size) throws IOException {
      var width = 0f;
      for (var i = 0; i < drawn.length(); i++) {
        width += font(drawn.charAt(i)).getStringWidth(drawn.substring(i, i + 1)) / 1000 * size;
      }
      return width;
    }

    private PDFont font(char letter) {
      return fromRight && ARABIC.contains(Character.UnicodeBlock.of(letter))
          ? arabicFont
          : latinFont;
    }

    void title(String title, String hint) throws IOException {
      y -= TITLE_SIZE;
      line(title, MARGIN, WIDTH, TITLE_SIZE);
      y -= TITLE_SIZE;
      line(words.say("letter.office.name"), MARGIN, WIDTH, LABEL_SIZE);
      y -= LABEL_SIZE * 1.5f;
      line(hint, MARGIN, WIDTH, LABEL_SIZE);
      y -= GAP;
    }

    void section(FormSection section, @Nullable JsonNode packet) throws IOException {
      if (y < MARGIN + 2 * ROW_HEIGHT) {
        turn();
      }
      y -= ROW_HEIGHT * 0.7f;
      line(section.title(), MARGIN, WIDTH, HEAD_SIZE);
      y -= GAP / 2;
      content.setStrokingColor(0.52f, 0.56f, 0.55f);
      content.setLineWidth(0.4f);
      content.moveTo(MARGIN, y);
      content.lineTo(MARGIN + WIDTH, y);
      content.stroke();
      for (var row : section.rows()) {
        row(row, packet);
      }
    }

    private void row(List<FormField> fields, @Nullable JsonNode packet) throws IOException {
      if (y < MARGIN + ROW_HEIGHT) {
        turn();
      }
      var width = (WIDTH - GAP * (fields.size() - 1)) / fields.size();
      y -= ROW_HEIGHT - FIELD_HEIGHT;
      for (var i = 0; i < fields.size(); i++) {
        line(fields.get(i).label(), left(i, width), width, LABEL_SIZE);
      }
      y -= FIELD_HEIGHT + 3;
      for (var i = 0; i < fields.size(); i++) {
        field(fields.get(i), new PDRectangle(left(i, width), y, width, FIELD_HEIGHT), packet);
      }
    }

    /** Where the column begins at its left. */
    private float left(int column, float width) {
      return fromRight
          ? MARGIN + WIDTH - width - column * (width + GAP)
          : MARGIN + column * (width + GAP);
    }

    private void field(FormField field, PDRectangle where, @Nullable JsonNode packet)
        throws IOException {
      var made = field.options().isEmpty() ? new PDTextField(form) : combo(field.options());
      place(made, field.name(), where);
      made.setAlternateFieldName(field.label());
      var value =
          packet == null || field.isMark() ? null : packet.at(JsonPointer.compile(field.name()));
      if (value != null && !value.isMissingNode() && !value.isNull()) {
        fill(made, FormText.written(value, field.shape(), ids(known(packet))));
      }
    }

    private static List<String> ids(JsonNode packet) {
      return packet
          .at("/household/people")
          .valueStream()
          .map(person -> person.path("id").asString(""))
          .toList();
    }

    private PDComboBox combo(List<FormOption> options) {
      var combo = new PDComboBox(form);
      combo.setOptions(
          options.stream().map(FormOption::word).toList(),
          options.stream().map(FormOption::said).toList());
      return combo;
    }

    private void place(PDVariableText field, String name, PDRectangle where) throws IOException {
      field.setPartialName(name);
      field.setDefaultAppearance(appearance);
      var widget = field.getWidgets().get(0);
      widget.setRectangle(where);
      widget.setPage(page);
      widget.setPrinted(true);
      var looks =
          new PDAppearanceCharacteristicsDictionary(new org.apache.pdfbox.cos.COSDictionary());
      looks.setBorderColour(LINE);
      widget.setAppearanceCharacteristics(looks);
      page.getAnnotations().add(widget);
      form.getFields().add(field);
    }

    /** What the font has no letters for is kept as the value, and drawn by whoever opens the form. */
    private void fill(PDField field, String text) throws IOException {
      try {
        field.setValue(text);
      } catch (IllegalArgumentException e) {
        field.getCOSObject().setString(COSName.V, text);
        form.setNeedAppearances(true);
      }
    }

    void hidden(String name, String value) throws IOException {
      var field = new PDTextField(form);
      place(field, name, new PDRectangle(0, 0, 0, 0));
      field.setReadOnly(true);
      field.getWidgets().get(0).setHidden(true);
      field.getCOSObject().setString(COSName.V, value);
    }

    void end() throws IOException {
      content.close();
    }
  }
}
