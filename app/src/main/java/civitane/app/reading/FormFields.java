package civitane.app.reading;

import civitane.app.reading.Proposal.Field;
import civitane.packet.form.FormWriter;
import civitane.packet.form.OtherForm;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import org.apache.pdfbox.pdmodel.interactive.form.PDTerminalField;
import org.jspecify.annotations.Nullable;

/** What somebody outside typed into the fields of a form of ours. */
final class FormFields {
  private static final Map<String, Sought> PARTS = Map.ofEntries(
      Map.entry("grossPay", Sought.GROSS),
      Map.entry("hoursPerWeek", Sought.HOURS),
      Map.entry("lastDayWorked", Sought.LAST_DAY),
      Map.entry("absentFrom", Sought.ABSENT_FROM),
      Map.entry("noticeReceivedOn", Sought.NOTICE_ON),
      Map.entry("unableToWorkFrom", Sought.COVERS_FROM),
      Map.entry("unableToWorkUntil", Sought.COVERS_UNTIL),
      Map.entry("tenants", Sought.TENANTS),
      Map.entry("monthlyRent", Sought.AMOUNT),
      Map.entry("monthlyPayment", Sought.AMOUNT),
      Map.entry("owedInAll", Sought.DUE),
      Map.entry("amountDue", Sought.DUE),
      Map.entry("figureOf", Sought.DUE_ON),
      Map.entry("iban", Sought.ACCOUNT),
      Map.entry("agreesToBePaid", Sought.AGREES),
      Map.entry("takesPart", Sought.AGREES),
      Map.entry("loanNumber", Sought.LOAN_NUMBER),
      Map.entry("about/person", Sought.NAME));

  private static final Pattern WHOLE = Pattern.compile("\\D{0,4}\\d{1,6}\\D{0,6}");

  private FormFields() {}

  /** What the fields on a page say; nothing where it is no form of ours, or its fields are gone. */
  static List<Proposal> of(PDDocument document, int page) throws IOException {
    var form = document.getDocumentCatalog().getAcroForm();
    var marker = form == null ? null : form.getField(FormWriter.MARKER);
    if (marker == null || !marker.getValueAsString().startsWith(OtherForm.MARKER)) {
      return List.of();
    }
    var proposals = new ArrayList<Proposal>();
    for (var field : form.getFieldTree()) {
      if (field instanceof PDTerminalField && !field.getWidgets().isEmpty()) {
        var widget = field.getWidgets().get(0);
        if (document.getPages().indexOf(widget.getPage()) == page) {
          proposal(field, place(document, page, widget), page).ifPresent(proposals::add);
        }
      }
    }
    return proposals;
  }

  private static Optional<Proposal> proposal(PDField field, Box box, int page) {
    var sought = sought(field.getFullyQualifiedName());
    var text = field.getValueAsString();
    if (sought == null || text == null || text.isBlank()) {
      return Optional.empty();
    }
    var line = new PageLine(List.of(new PageWord(withCents(sought, text.strip()), box, 1)));
    return Reader.value(sought, line)
        .map(value -> new Proposal(Field.valueOf(sought.name()), value, page, box, true));
  }

  /** In a field that asks for a sum, a whole number is one. */
  private static String withCents(Sought sought, String text) {
    return sought.kind() == Sought.Kind.MONEY && WHOLE.matcher(text).matches()
        ? text.replaceAll("\\D", "") + ".00"
        : text;
  }

  private static @Nullable Sought sought(String name) {
    return PARTS.entrySet().stream()
        .filter(part -> name.endsWith("/" + part.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(null);
  }

  private static Box place(PDDocument document, int page, PDAnnotationWidget widget) {
    var sheet = document.getPage(page).getCropBox();
    var where = widget.getRectangle();
    return new Box(
        where.getLowerLeftX() / sheet.getWidth(),
        1 - where.getUpperRightY() / sheet.getHeight(),
        where.getWidth() / sheet.getWidth(),
        where.getHeight() / sheet.getHeight());
  }
}
