package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.words.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
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

/** The pages of a form as they are filled, from the top down. */
final class Sheet {
  private static final float MARGIN = 45;
  private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
  private static final float GAP = 10;
  private static final float FIELD_HEIGHT = 18;
  private static final float ABOVE_ROW = 7;
  private static final float LABEL_SIZE = 9;
  private static final float LEADING = 11;
  private static final float TITLE_SIZE = 16;
  private static final float HEAD_SIZE = 11;
  private static final float ABOVE_HEAD = 24;
  private static final float CODE = 40;
  private static final PDColor LINE =
      new PDColor(new float[] {0.34f, 0.38f, 0.37f}, PDDeviceRGB.INSTANCE);

  private final PDDocument document;
  private final PDAcroForm form;
  private final Typeface typeface;
  private final Tags tags;
  private final Words words;
  private final String fixed;
  private final String fitted;
  private PDPage page;
  private PDPageContentStream content;
  private float y;

  Sheet(PDDocument document, Typeface typeface, String title, Words words) throws IOException {
    this.document = document;
    this.typeface = typeface;
    this.words = words;
    this.tags = new Tags(document, title);
    this.form = new PDAcroForm(document);
    document.getDocumentCatalog().setAcroForm(form);
    document.getDocumentCatalog().setLanguage(words.language().word());
    var resources = new PDResources();
    var name = resources.add(typeface.values()).getName();
    form.setDefaultResources(resources);
    this.fixed = "/" + name + " 10 Tf 0 g";
    // A size of none is as large as the field and what stands in it allow.
    this.fitted = "/" + name + " 0 Tf 0 g";
    form.setDefaultAppearance(fixed);
    turn();
  }

  private void turn() throws IOException {
    if (content != null) {
      content.close();
    }
    page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    content = new PDPageContentStream(document, page);
    tags.turnTo(page);
    y = PDRectangle.A4.getHeight() - MARGIN;
  }

  /** Whether so much fits on the page still; else another one is begun. */
  private void room(float height) throws IOException {
    if (y < MARGIN + height) {
      turn();
    }
  }

  /** A text over the whole width, from the next line down. */
  private void text(String type, String text, float size, float leading) throws IOException {
    tags.begin(content, type, text);
    for (var line : typeface.lines(text, WIDTH, size)) {
      y -= leading;
      typeface.draw(content, line, MARGIN, y, WIDTH, size);
    }
    content.endMarkedContent();
  }

  void title(String title, String hint) throws IOException {
    text(Tags.TITLE, title, TITLE_SIZE, TITLE_SIZE * 1.2f);
    y -= GAP / 2;
    text(Tags.TEXT, words.say("letter.office.name"), LABEL_SIZE, LEADING);
    text(Tags.TEXT, hint, LABEL_SIZE, LEADING);
  }

  void section(FormSection section, @Nullable JsonNode packet) throws IOException {
    room(ABOVE_HEAD + 3 * (FIELD_HEIGHT + LEADING));
    y -= ABOVE_HEAD - HEAD_SIZE;
    tags.beginPart();
    text(Tags.HEADING, section.title(), HEAD_SIZE, HEAD_SIZE * 1.2f);
    y -= GAP / 2;
    outline(new PDRectangle(MARGIN, y, WIDTH, 0));
    for (var row : section.rows()) {
      row(row, packet);
    }
  }

  private void row(List<FormField> fields, @Nullable JsonNode packet) throws IOException {
    var width = (WIDTH - GAP * (fields.size() - 1)) / fields.size();
    var labels = new ArrayList<List<String>>();
    var most = 1;
    for (var field : fields) {
      var lines = typeface.lines(field.label(), width, LABEL_SIZE);
      most = Math.max(most, lines.size());
      labels.add(lines);
    }
    room(ABOVE_ROW + most * LEADING + FIELD_HEIGHT);
    y -= ABOVE_ROW + most * LEADING;
    for (var i = 0; i < fields.size(); i++) {
      // What is short stands at the foot, so that every label is next to its field.
      label(fields.get(i).label(), labels.get(i), left(i, width), width);
      var where = new PDRectangle(left(i, width), y - 4 - FIELD_HEIGHT, width, FIELD_HEIGHT);
      // Drawn on the page as well: not every program draws the field itself while it is empty, and
      // a pen needs a box.
      outline(where);
      field(fields.get(i), where, packet);
    }
    y -= FIELD_HEIGHT + 4;
  }

  private void outline(PDRectangle where) throws IOException {
    content.beginMarkedContent(COSName.ARTIFACT);
    content.setStrokingColor(LINE);
    content.setLineWidth(0.5f);
    content.addRect(
        where.getLowerLeftX(), where.getLowerLeftY(), where.getWidth(), where.getHeight());
    content.stroke();
    content.endMarkedContent();
  }

  private void label(String asked, List<String> lines, float left, float width) throws IOException {
    tags.begin(content, Tags.TEXT, asked);
    for (var i = 0; i < lines.size(); i++) {
      var above = (lines.size() - 1 - i) * LEADING;
      typeface.draw(content, lines.get(i), left, y + above, width, LABEL_SIZE);
    }
    content.endMarkedContent();
  }

  /** Where the column begins at its left. */
  private float left(int column, float width) {
    return words.language().runsRightToLeft()
        ? MARGIN + WIDTH - width - column * (width + GAP)
        : MARGIN + column * (width + GAP);
  }

  private void field(FormField field, PDRectangle where, @Nullable JsonNode packet)
      throws IOException {
    var made = field.options().isEmpty() ? new PDTextField(form) : combo(field.options());
    place(made, field.name(), where, field.shape().is(Form.TEXT) ? fitted : fixed);
    tags.field(made.getWidgets().get(0));
    made.setAlternateFieldName(field.label());
    var value =
        packet == null || field.isMark() ? null : packet.at(JsonPointer.compile(field.name()));
    if (value != null && !value.isMissingNode() && !value.isNull()) {
      fill(made, FormText.written(value, field.shape(), ids(known(packet))));
    }
  }

  /** The ids of the people of a packet, in its order. */
  static List<String> ids(JsonNode packet) {
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

  private void place(PDVariableText field, String name, PDRectangle where, String appearance)
      throws IOException {
    field.setPartialName(name);
    field.setDefaultAppearance(appearance);
    var widget = field.getWidgets().get(0);
    widget.setRectangle(where);
    widget.setPage(page);
    widget.setPrinted(true);
    var looks = new PDAppearanceCharacteristicsDictionary(new COSDictionary());
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
    place(field, name, new PDRectangle(0, 0, 0, 0), fixed);
    field.setReadOnly(true);
    field.getWidgets().get(0).setHidden(true);
    field.getCOSObject().setString(COSName.V, value);
  }

  /** How many pages there are so far. */
  int pages() {
    return document.getNumberOfPages();
  }

  /** A picture in the upper right corner of a page, for machines: people read what stands beside it. */
  void code(int page, byte[] png) throws IOException {
    var picture = PDImageXObject.createFromByteArray(document, png, "code");
    try (var corner = new PDPageContentStream(
        document, document.getPage(page), PDPageContentStream.AppendMode.APPEND, true, true)) {
      corner.beginMarkedContent(COSName.ARTIFACT);
      corner.drawImage(
          picture,
          PDRectangle.A4.getWidth() - MARGIN - CODE,
          PDRectangle.A4.getHeight() - CODE - ABOVE_ROW,
          CODE,
          CODE);
      corner.endMarkedContent();
    }
  }

  void end() throws IOException {
    content.close();
    tags.end();
  }
}
