package civitane.packet;

import civitane.core.services.Services;
import civitane.packet.form.BatchReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import org.testng.annotations.Test;

/** Whatever comes in is read or refused with its faults, and what is read is worked out: nothing of it falls over. */
public class MangledTest {
  private static final List<Cases.Case> RIGHT = Cases.ofPackets();

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
    each(
        Mangling.MANY, mangling -> ComesIn.packet(mangling.bytes(right(mangling).packet())));
  }

  @Test
  public void valuesOfAPacket() {
    each(
        Mangling.MANY,
        mangling -> ComesIn.packet(
            Cases.JSON.writeValueAsBytes(mangling.values(right(mangling).json().get("packet")))));
  }

  @Test
  public void linesOfABatch() {
    each(Mangling.MANY, mangling -> {
      var services = Services.all();
      var service = services.get(mangling.below(services.size()));
      var columns = BatchReader.columns(service, ComesIn.TODAY);
      var lines = new StringBuilder(String.join(",", columns)).append('\n');
      for (var row = mangling.below(4); row >= 0; row--) {
        for (var i = 0; i < columns.size(); i++) {
          lines
              .append(i == 0 ? "" : ",")
              .append(mangling.text("Oluchi", "430.00", "3.4.1980", "yes"));
        }
        lines.append('\n');
      }
      ComesIn.batch(service, mangling.bytes(lines.toString().getBytes(StandardCharsets.UTF_8)));
    });
  }

  @Test
  public void answersTypedOnAForm() {
    each(Mangling.MANY / FEWER, mangling -> {
      var services = Services.all();
      var form = ComesIn.form(services.get(mangling.below(services.size())));
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
      ComesIn.typed(form, typed);
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
      ComesIn.zone(mangling.below(2) == 0 ? lines : padded(lines));
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
    var form = ComesIn.emptyForm(Services.named("schoolMeals").orElseThrow());
    each(Mangling.MANY / FEWER, mangling -> ComesIn.form(mangling.bytes(form)));
  }
}
