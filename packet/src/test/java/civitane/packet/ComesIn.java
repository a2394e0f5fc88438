package civitane.packet;

import civitane.core.identity.MachineReadableZone;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.packet.form.BatchReader;
import civitane.packet.form.FormReader;
import civitane.packet.form.FormWriter;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;

/** What is done with whatever comes in from outside: it is read or refused with its faults, and what is read is worked out. */
final class ComesIn {
  static final LocalDate TODAY = LocalDate.parse("2026-11-23");

  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);

  private ComesIn() {}

  /** Read or refused; what is read comes out the same once it is written and read again, and can be said. */
  static void packet(byte[] bytes) {
    var reading = READER.read(bytes);
    assertNotNull(reading.faults());
    var packet = reading.packet();
    if (packet == null) {
      return;
    }
    var again = READER.read(PacketWriter.written(packet).getBytes(StandardCharsets.UTF_8));
    assertEquals(again.packet(), packet);
    for (var mode : Mode.values()) {
      for (var result : SCREENING.of(packet, mode)) {
        for (var language : Language.values()) {
          result.checks().forEach(check -> Words.in(language).say(check.reasons(), Voice.LETTER));
          result.awards().forEach(award -> Words.in(language).award(result.service(), award));
        }
      }
    }
  }

  static void batch(Entitlement<?> service, byte[] lines) throws IOException {
    new BatchReader(READER).read(service, lines, TODAY);
  }

  static ScreenForm form(Entitlement<?> service) {
    return new ScreenForm(List.of(service), TODAY, Language.EN);
  }

  /** What was typed becomes facts, and is shown again. */
  static void typed(ScreenForm form, Map<String, String> answers) {
    var filled = form.filled(answers);
    packet(Cases.JSON.writeValueAsBytes(filled.packet()));
    form.written(filled.packet());
  }

  static void zone(List<String> lines) {
    var zone = MachineReadableZone.read(lines);
    assertNotNull(zone.faults());
    zone.number();
    zone.name();
    zone.birthDate(TODAY);
    zone.expiresOn();
    zone.hasBirthDate(TODAY);
  }

  static void form(byte[] pdf) throws IOException {
    assertNotNull(new FormReader(READER).read(pdf, TODAY).kind());
  }

  /** A form of ours, as it is printed with nothing in it. */
  static byte[] emptyForm(Entitlement<?> service) throws IOException {
    try (var stream = org.apache.pdfbox.pdmodel.PDDocument.class.getResourceAsStream(
        "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
      var font = stream.readAllBytes();
      return new FormWriter(font, font, font).write(service, null, TODAY, Language.EN);
    }
  }
}
