package civitane.app.decisions;

import civitane.app.audit.Hash;
import civitane.core.facts.Packet;
import civitane.core.rates.RateBook;
import civitane.core.rules.Result;
import civitane.packet.PacketWriter;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.util.List;

/**
 * What a determination is made by.
 *
 * @param rules the version of the rules
 * @param book the rate book's name
 * @param bookHash over the rate book's text
 * @param packet the facts as they were put together
 */
public record Grounds(String rules, String book, String bookHash, String packet) {
  /** The version of the rules, told with whatever is determined by them. */
  private static final String RULES = "0.1.0";

  public static Grounds of(RateBook book, Packet packet) {
    return new Grounds(RULES, book.name(), book.hash(), PacketWriter.written(packet));
  }

  /** A result as it is kept. */
  public static String written(Result result) {
    return new ResultWriter(false, Language.EN).results(List.of(result));
  }

  /** The hash over a determination: what it is made by, and its result as it is kept. */
  public String hashWith(String result) {
    return Hash.of(String.join("\n", rules, book, bookHash, packet, result));
  }
}
