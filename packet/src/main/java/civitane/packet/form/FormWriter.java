package civitane.packet.form;

import civitane.core.rules.Service;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
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

/** Makes the fillable PDF of a service, blank or with what is known. */
public final class FormWriter {
  /** The field by which a form of ours is known, whatever its file is called. */
  static final String MARKER = "civitane-form";

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

  private final byte[] font;

  /** A writer that sets everything in a TrueType font. */
  public FormWriter(byte[] font) {
    this.font = font.clone();
  }

  /** The form of a service on a day; what the packet holds is filled in. */
  public byte[] write(Service service, @Nullable JsonNode packet, LocalDate on) {
    return write(
        service.title(),
        service.word(),
        "Fill it in, save it, and bring or send it back under any name. Dates as 14.3.1988, amounts as 1,234.50.",
        FormLayout.of(service, on),
        packet);
  }

  byte[] write(
      String title,
      String marker,
      String hint,
      List<FormSection> sections,
      @Nullable JsonNode packet) {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var sheet = new Sheet(document);
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
    private final PDFont letters;
    private final String appearance;
    private PDPage page;
    private PDPageContentStream content;
    private float y;

    Sheet(PDDocument document) throws IOException {
      this.document = document;
      this.form = new PDAcroForm(document);
      this.letters = PDType0Font.load(document, new ByteArrayInputStream(font), false);
      document.getDocumentCatalog().setAcroForm(form);
      var resources = new PDResources();
      var name = resources.add(letters);
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

    private void words(String text, float x, float size) throws IOException {
      content.beginText();
      content.setFont(letters, size);
      content.newLineAtOffset(x, y);
      content.showText(text);
      content.endText();
    }

    void title(String title, String hint) throws IOException {
      y -= TITLE_SIZE;
      words(title, MARGIN, TITLE_SIZE);
      y -= TITLE_SIZE;
      words("Brackwater District Office", MARGIN, LABEL_SIZE);
      y -= LABEL_SIZE * 1.5f;
      words(hint, MARGIN, LABEL_SIZE);
      y -= GAP;
    }

    void section(FormSection section, @Nullable JsonNode packet) throws IOException {
      if (y < MARGIN + 2 * ROW_HEIGHT) {
        turn();
      }
      y -= ROW_HEIGHT * 0.7f;
      words(section.title(), MARGIN, HEAD_SIZE);
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
        words(fields.get(i).label(), MARGIN + i * (width + GAP), LABEL_SIZE);
      }
      y -= FIELD_HEIGHT + 3;
      for (var i = 0; i < fields.size(); i++) {
        field(
            fields.get(i),
            new PDRectangle(MARGIN + i * (width + GAP), y, width, FIELD_HEIGHT),
            packet);
      }
    }

    private void field(FormField field, PDRectangle where, @Nullable JsonNode packet)
        throws IOException {
      var made = field.options().isEmpty() ? new PDTextField(form) : combo(field.options());
      place(made, field.name(), where);
      var value =
          packet == null || field.isMark() ? null : packet.at(JsonPointer.compile(field.name()));
      if (value != null && !value.isMissingNode() && !value.isNull()) {
        fill(made, FormText.written(value, field.shape(), ids(packet)));
      }
    }

    private static List<String> ids(JsonNode packet) {
      return packet
          .at("/household/people")
          .valueStream()
          .map(person -> person.path("id").asString(""))
          .toList();
    }

    private PDComboBox combo(List<String> options) {
      var combo = new PDComboBox(form);
      combo.setOptions(options);
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
