package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** What is asked of a service that was added, within the loader that knows it. */
public final class AddedService {
  private AddedService() {}

  /** The results of a packet as JSON, or its faults. */
  public static String results(String packet, String language) {
    var rates = RateShelf.shipped();
    var reading = new PacketReader(rates).read(packet.getBytes(StandardCharsets.UTF_8));
    var writer = new ResultWriter(false, Language.of(language));
    return reading.packet() == null
        ? writer.faults(reading.faults())
        : writer.results(new Screening(rates).of(reading.packet(), Mode.DETERMINE));
  }

  /** What is said of it in a language: its title, its questions, and what it is. */
  public static List<String> said(String service, String language) {
    var words = Words.in(Language.of(language));
    var said = new ArrayList<String>();
    said.add(words.title(service));
    for (var part : List.of("what", "who", "pays", "granted")) {
      said.add(words.say(service + "." + part));
    }
    said.addAll(words.items(service + ".bring"));
    Services.named(service)
        .orElseThrow()
        .questions()
        .forEach(question -> said.add(words.question(service + "." + question.key())));
    return said;
  }

  /** The JSON Schema with the service in it. */
  public static String schema() {
    return PacketSchema.json();
  }
}
