package civitane.packet;

import civitane.core.identity.MachineReadableZone;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.core.services.Services;
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
import java.util.HashMap;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;

/** Whatever comes in is read or refused with its faults, and what is read is worked out: nothing of it falls over. */
public class MangledTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);
  private static final List<Cases.Case> RIGHT = Cases.ofPackets();
  private static final LocalDate TODAY = LocalDate.parse("2026-11-23");

  /** PDFs are read slowly. */
  private static final int FEWER = 20;

  /** Something that is done with what comes of a seed; what falls over is told by it. */
  private interface Trial {
    void with(Mangling mangling) throws IOException;
  }

  private static void each(int many, Trial trial) {
    for (var seed = 1L; seed <= many; seed++) {
      try {
        trial.with(new Mangling(seed));
      } catch (IOException | RuntimeException e) {
        throw new AssertionError("seed " + seed, e);
      }
    }
  }

  private static Cases.Case right(Mangling mangling) {
    return RIGHT.get(mangling.below(RIGHT.size()));
  }

  @Test
  public void bytesOfAPacket() {
    each(Mangling.MANY, mangling -> worked(mangling.bytes(right(mangling).packet())));
  }

  @Test
  public void valuesOfAPacket() {
    each(
        Mangling.MANY,
        mangling -> worked(
            Cases.JSON.writeValueAsBytes(mangling.values(right(mangling).json().get("packet")))));
  }

  /** Read or refused; what is read comes out the same once it is written and read again, and can be said. */
  private static void worked(byte[] bytes) {
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

  @Test
  public void linesOfABatch() {
    var reader = new BatchReader(READER);
    each(Mangling.MANY, mangling -> {
      var services = Services.all();
      var service = services.get(mangling.below(services.size()));
      var columns = BatchReader.columns(service, TODAY);
      var lines = new StringBuilder(String.join(",", columns)).append('\n');
      for (var row = mangling.below(4); row >= 0; row--) {
        for (var i = 0; i < columns.size(); i++) {
          lines
              .append(i == 0 ? "" : ",")
              .append(mangling.text("Oluchi", "430.00", "3.4.1980", "yes"));
        }
        lines.append('\n');
      }
      reader.read(
          service, mangling.bytes(lines.toString().getBytes(StandardCharsets.UTF_8)), TODAY);
    });
  }

  @Test
  public void answersTypedOnAForm() {
    each(Mangling.MANY / FEWER, mangling -> {
      var services = Services.all();
      var form = new ScreenForm(
          List.of(services.get(mangling.below(services.size()))), TODAY, Language.EN);
      var typed = new HashMap<String, String>();
      for (var group : form.groups()) {
        for (var ask : group.asks()) {
          if (mangling.below(3) == 0) {
            typed.put(
                ask.name(),
                mangling.text(
                    "1.234,50", "€ 430", "31.2.2026", "2026-11-23", "Aug 2026", "yes", "1", "p1"));
          }
        }
      }
      var filled = form.filled(typed);
      worked(Cases.JSON.writeValueAsBytes(filled.packet()));
      form.written(filled.packet());
    });
  }

  @Test
  public void zonesOfPapers() {
    each(Mangling.MANY, mangling -> {
      var lines = List.of(
          new String(
              mangling.bytes(
                  "P<QVBRASMARK<<OTTOLINE<<<<<<<<<<<<<<<<<<<<<<".getBytes(StandardCharsets.UTF_8)),
              StandardCharsets.UTF_8),
          new String(
              mangling.bytes(
                  "QVP5122071QVB9106189F3104024<<<<<<<<<<<<<<<2".getBytes(StandardCharsets.UTF_8)),
              StandardCharsets.UTF_8));
      var zone = MachineReadableZone.read(mangling.below(2) == 0 ? lines : padded(lines));
      assertNotNull(zone.faults());
      zone.number();
      zone.name();
      zone.birthDate(TODAY);
      zone.expiresOn();
      zone.hasBirthDate(TODAY);
    });
  }

  /** So that it has the length of a zone, whatever stands in it. */
  private static List<String> padded(List<String> lines) {
    return lines.stream()
        .map(line -> (line.replaceAll("[^A-Za-z0-9<]", "<") + "<".repeat(44)).substring(0, 44))
        .toList();
  }

  @Test
  public void bytesOfAForm() throws IOException {
    byte[] font;
    try (var stream = org.apache.pdfbox.pdmodel.PDDocument.class.getResourceAsStream(
        "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
      font = stream.readAllBytes();
    }
    var form = new FormWriter(font, font, font)
        .write(Services.named("schoolMeals").orElseThrow(), null, TODAY, Language.EN);
    var reader = new FormReader(READER);
    each(
        Mangling.MANY / FEWER,
        mangling -> assertNotNull(reader.read(mangling.bytes(form), TODAY).kind()));
  }
}
