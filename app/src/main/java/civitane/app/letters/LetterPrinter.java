package civitane.app.letters;

import civitane.packet.form.CodePicture;
import civitane.words.Words;
import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Base64;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Sets letters as PDF, with their code typed and as a picture to be scanned. */
@Component
class LetterPrinter {
  private static final byte[] COLOURS =
      ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

  private final ITemplateEngine templates;
  private final SignedCore core;
  private final String confirmAt;

  LetterPrinter(
      ITemplateEngine templates,
      SignedCore core,
      @Value("${civitane.confirm-at:http://127.0.0.1:8480/verify}") String confirmAt) {
    this.templates = templates;
    this.core = core;
    this.confirmAt = confirmAt;
  }

  /** A sheet to be laid on top of what comes back, with its code as a picture. */
  record Sheet(String what, String qr) {}

  byte[] print(LetterText text, String code, LocalDate on) {
    var words = Words.in(text.language());
    var context = new Context(Locale.forLanguageTag(text.language().word()));
    context.setVariable("words", words);
    context.setVariable("language", text.language());
    context.setVariable("letter", text);
    context.setVariable("date", words.date(on));
    context.setVariable("code", code);
    context.setVariable("confirmAt", confirmAt);
    context.setVariable("qr", qr(confirmAt + "?code=" + code + core.of(text, code, on)));
    context.setVariable(
        "sheets",
        text.sheets().stream()
            .map(sheet ->
                new Sheet(sheet.what(), qr(confirmAt + "?code=" + code + "&item=" + sheet.item())))
            .toList());
    var html = templates.process("letter", context);
    var out = new ByteArrayOutputStream();
    try {
      var builder = new PdfRendererBuilder();
      builder.useFastMode();
      // To be kept for decades and read aloud: PDF/A-2a and PDF/UA-1.
      builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_A);
      builder.usePdfUaAccessibility(true);
      builder.useColorProfile(COLOURS);
      builder.useFont(() -> font("Literata_400Regular"), "Literata");
      builder.useFont(() -> font("AtkinsonHyperlegible_400Regular"), "Atkinson");
      builder.useFont(
          () -> font("AtkinsonHyperlegible_700Bold"),
          "Atkinson",
          700,
          BaseRendererBuilder.FontStyle.NORMAL,
          true);
      builder.useFont(() -> font("NotoNaskhArabic_400Regular"), "Naskh");
      if (text.language().runsRightToLeft()) {
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        builder.defaultTextDirection(BaseRendererBuilder.TextDirection.RTL);
      }
      builder.withHtmlContent(html, null);
      builder.toStream(out);
      builder.run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static InputStream font(String name) {
    return LetterPrinter.class.getResourceAsStream("/letter-fonts/" + name + ".ttf");
  }

  private static String qr(String text) {
    return "data:image/png;base64," + Base64.getEncoder().encodeToString(CodePicture.png(text));
  }
}
