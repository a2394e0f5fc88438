package civitane.app.screening;

import civitane.core.facts.Packet;
import civitane.words.Words;

/** What a place among the facts is called at the desk: its question. */
public final class FactName {
  private static final String REQUESTS = "/requests/";
  private static final String HOUSEHOLD = "/household/";

  private FactName() {}

  /** The question that a pointer into a packet answers; the plain title of a service for its request as a whole. */
  public static String of(String pointer, Packet packet) {
    var keys = pointer.replaceAll("/\\d+", "");
    if (keys.startsWith(HOUSEHOLD)) {
      return question("household." + keys.substring(HOUSEHOLD.length()).replace('/', '.'));
    }
    if (!pointer.startsWith(REQUESTS)) {
      return question("signatures");
    }
    var index = Integer.parseInt(pointer.split("/")[2]);
    var service = packet.requests().get(index).service();
    var answer = keys.replaceFirst("^/requests/answers/?", "").replace('/', '.');
    return answer.isEmpty() ? words().title(service) : question(service + "." + answer);
  }

  private static String question(String key) {
    return words().question(key);
  }

  private static Words words() {
    return DeskWords.WORDS;
  }
}
