package civitane.app.forms;

import civitane.app.claims.Claims;
import civitane.app.letters.Enclosing;
import civitane.app.problems.Problem;
import civitane.core.services.Services;
import civitane.packet.PacketWriter;
import civitane.packet.form.FormWriter;
import civitane.words.Language;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The form of a claim's service with all that is known, to ask again for what ends; in the household's language. It goes
 * with the letter that tells so.
 */
@Component
class FormAgain implements Enclosing {
  private static final String RENEWAL = "renewal";

  private final Claims claims;
  private final FormWriter writer;
  private final JsonMapper json;
  private final Clock clock;

  FormAgain(Claims claims, FormWriter writer, JsonMapper json, Clock clock) {
    this.claims = claims;
    this.writer = writer;
    this.json = json;
    this.clock = clock;
  }

  byte[] of(String claim) {
    var packet = claims.facts(claim).packet();
    var service = packet.requests().get(0).service();
    return writer.write(
        Services.named(service).orElseThrow(() -> Problem.notThere("A service of this name")),
        json.readTree(PacketWriter.written(packet)),
        LocalDate.now(clock),
        Language.of(packet.language()));
  }

  @Override
  public Optional<byte[]> with(String kind, String about) {
    return kind.equals(RENEWAL) ? Optional.of(onPaper(of(about))) : Optional.empty();
  }

  /** Many are printed in one run, where fields of one name would be taken for each other. */
  private static byte[] onPaper(byte[] form) {
    try (var document = Loader.loadPDF(form);
        var out = new ByteArrayOutputStream()) {
      document.getDocumentCatalog().getAcroForm().flatten();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
