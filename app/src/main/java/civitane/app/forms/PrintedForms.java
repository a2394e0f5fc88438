package civitane.app.forms;

import civitane.app.drafts.Scans;
import civitane.app.problems.Problem;
import civitane.app.reading.PrintedFields;
import civitane.core.services.Services;
import civitane.packet.form.CodePicture;
import civitane.packet.form.FormCode;
import civitane.packet.form.FormPlace;
import civitane.packet.form.FormReader;
import civitane.packet.form.FormWriter;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Forms of this office that were printed, filled in and scanned: known by the code of each page, and read by machine. */
@Component
class PrintedForms {
  /** Dots an inch: drawn less finely than it was scanned, a page may lose the squares of its code. */
  private static final int DOTS = 300;

  private final Scans scans;
  private final FormWriter writer;
  private final FormReader reader;

  PrintedForms(Scans scans, FormWriter writer, FormReader reader) {
    this.scans = scans;
    this.writer = writer;
    this.reader = reader;
  }

  /** What was read off a scan; empty where no page of it carries the code of a form. */
  Optional<FormReader.Printed> read(byte[] file) {
    var seen = new Seen();
    scans.eachPage(file, DOTS, seen::page);
    return Optional.ofNullable(seen.form)
        .map(code -> reader.printed(
            Services.named(code.service()).orElseThrow(),
            seen.written,
            code.on(),
            code.language()));
  }

  /** What has been seen of a form so far. */
  private final class Seen {
    private final Map<String, String> written = new HashMap<>();
    private @Nullable FormCode form;
    private List<FormPlace> places = List.of();

    void page(BufferedImage page) {
      CodePicture.textOn(page).flatMap(FormCode::of).ifPresent(code -> {
        if (form == null) {
          places = places(code);
          form = code;
        } else if (!code.isOf(form)) {
          throw Problem.wrong("Two forms lie in this file. Bring each in a file of its own.");
        }
        written.putAll(fields(page, places, code.page()));
      });
    }
  }

  private List<FormPlace> places(FormCode code) {
    var service = Services.named(code.service())
        .orElseThrow(() -> Problem.wrong("The form is of a service that is not there any more."));
    return writer.places(service, code.on(), code.language());
  }

  private static Map<String, String> fields(
      BufferedImage page, List<FormPlace> places, int number) {
    try {
      return PrintedFields.on(
          page, places.stream().filter(place -> place.page() == number).toList());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
