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
import org.springframework.stereotype.Component;

/** Forms of this office that were printed, filled in and scanned: known by the code of each page, and read by machine. */
@Component
class PrintedForms {
  private static final int DOTS = 200;

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
    var written = new HashMap<String, String>();
    Optional<FormCode> form = Optional.empty();
    Map<FormCode, List<FormPlace>> places = new HashMap<>();
    for (var page : scans.pages(file, DOTS)) {
      var code = CodePicture.textOn(page).flatMap(FormCode::of);
      if (code.isPresent()) {
        var first = form.orElse(code.get());
        if (!code.get().isOf(first)) {
          throw Problem.wrong("Two forms lie in this file. Bring each in a file of its own.");
        }
        form = Optional.of(first);
        var all = places.computeIfAbsent(first, this::places);
        written.putAll(fields(page, all, code.get().page()));
      }
    }
    return form.map(code -> reader.printed(
        Services.named(code.service()).orElseThrow(), written, code.on(), code.language()));
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
