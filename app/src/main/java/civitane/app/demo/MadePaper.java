package civitane.app.demo;

import civitane.core.facts.PaperFault;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.jspecify.annotations.Nullable;

/**
 * A made-up paper that looks like one.
 *
 * @param kind as packets write it
 * @param title what stands on top
 * @param lines each a label and what stands beside it
 * @param shows what was read off it; null where nobody has read it yet
 * @param wrong why it was given back; none where it was accepted
 */
record MadePaper(
    String kind,
    @Nullable String person,
    @Nullable String income,
    String name,
    String title,
    List<List<String>> lines,
    @Nullable Shows shows,
    List<PaperFault> wrong) {

  MadePaper {
    wrong = wrong == null ? List.of() : wrong;
  }

  /** What a paper shows; null where it does not speak of it. */
  record Shows(
      @Nullable String name,
      @Nullable LocalDate born,
      @Nullable LocalDate issued,
      @Nullable LocalDate expires,
      @Nullable LocalDate periodEnd,
      @Nullable String gross) {}

  private static final Pattern ISO = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
  private static final float LEFT = 70;
  private static final float SECOND = 260;
  private static final float TOP = 760;
  private static final float STEP = 24;
  private static final float LARGE = 18;
  private static final float PLAIN = 12;

  byte[] pdf() throws IOException {
    try (var document = new PDDocument()) {
      var page = new PDPage(PDRectangle.A4);
      document.addPage(page);
      try (var content = new PDPageContentStream(document, page)) {
        write(content, FontName.TIMES_BOLD, LARGE, LEFT, TOP, title);
        content.moveTo(LEFT, TOP - STEP / 2);
        content.lineTo(PDRectangle.A4.getWidth() - LEFT, TOP - STEP / 2);
        content.stroke();
        var y = TOP - 2 * STEP;
        for (var line : lines) {
          write(content, FontName.TIMES_ROMAN, PLAIN, LEFT, y, line.get(0));
          if (line.size() > 1) {
            write(content, FontName.TIMES_BOLD, PLAIN, SECOND, y, asWritten(line.get(1)));
          }
          y -= STEP;
        }
      }
      var bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  /** Nobody writes a day by its numbers on a letter. */
  private static String asWritten(String text) {
    return ISO.matcher(text).matches() ? LocalDate.parse(text).format(DAY) : text;
  }

  private static void write(
      PDPageContentStream to, FontName font, float size, float x, float y, String text)
      throws IOException {
    to.beginText();
    to.setFont(new PDType1Font(font), size);
    to.newLineAtOffset(x, y);
    to.showText(text);
    to.endText();
  }
}
