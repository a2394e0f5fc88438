package civitane.bench.engine;

import civitane.core.facts.Word;
import civitane.core.rules.Outcome;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;

import static civitane.core.facts.Known.known;

/** What the engine's rules have concluded so far. */
public final class Verdict {
  private final Map<String, Outcome> tests = new LinkedHashMap<>();
  private final Map<String, Object> amounts = new LinkedHashMap<>();

  public void test(String id, Outcome outcome) {
    tests.put(id, outcome);
  }

  public void amount(String name, Object value) {
    amounts.put(name, value);
  }

  public Map<String, Object> amounts() {
    return amounts;
  }

  public BigDecimal number(String name) {
    return (BigDecimal) known(amounts.get(name));
  }

  /** The outcome of the request: tests made per child sink it only together. */
  public String outcome() {
    var unknown = false;
    for (var test : tests.entrySet()) {
      unknown |= test.getValue() == Outcome.UNKNOWN;
      if (test.getValue() == Outcome.NOT_MET && sinks(test.getKey())) {
        return "notEntitled";
      }
    }
    return unknown ? "unknown" : "entitled";
  }

  private boolean sinks(String id) {
    var colon = id.indexOf(':');
    if (colon < 0) {
      return true;
    }
    var family = id.substring(0, colon + 1);
    return tests.entrySet().stream()
        .filter(test -> test.getKey().startsWith(family))
        .allMatch(test -> test.getValue() == Outcome.NOT_MET);
  }

  /** The word of an amount that is one. */
  public static String word(Object value) {
    return value instanceof Word word ? word.word() : String.valueOf(value);
  }
}
