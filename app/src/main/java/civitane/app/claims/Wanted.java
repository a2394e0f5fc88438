package civitane.app.claims;

import civitane.core.claims.Turn;
import civitane.core.rules.Hold;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.core.rules.Test;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * Something a claim still wants: a fact, a paper, a signature or a third party's word.
 *
 * @param subject the fact's pointer, or the paper by its kind
 */
public record Wanted(String kind, String subject, String words, Turn owner) {
  public static final String FACT = "fact";
  public static final String PAPER = "paper";
  public static final String SIGNATURE = "signature";
  public static final String WORD = "word";

  /** What a result leaves open, each thing once. */
  public static List<Wanted> of(Result result) {
    var wanted = new LinkedHashMap<String, Wanted>();
    var urgent = result.route() == Route.URGENT_LINE;
    if (urgent) {
      wanted.put(WORD, new Wanted(WORD, result.route().word(), "To the urgent line", Turn.OURS));
    }
    for (var test : result.tests()) {
      if (test.is(Outcome.UNKNOWN) && !(urgent && test.missing().isEmpty())) {
        for (var one : of(test, result.hold())) {
          wanted.putIfAbsent(one.kind() + one.subject(), one);
        }
      }
    }
    return List.copyOf(wanted.values());
  }

  private static List<Wanted> of(Test test, @org.jspecify.annotations.Nullable Hold hold) {
    if (hold != null && isHeld(test, hold)) {
      return List.of(new Wanted(WORD, hold.word(), test.because(), Turn.THIRD_PARTY));
    }
    var subjects =
        test.missing().isEmpty() ? test.needs().stream().limit(1).toList() : test.missing();
    var found = new ArrayList<Wanted>();
    for (var subject : subjects) {
      found.add(new Wanted(kind(subject), subject, test.because(), Turn.HOUSEHOLD));
    }
    return found.isEmpty()
        ? List.of(new Wanted(FACT, test.id(), test.because(), Turn.HOUSEHOLD))
        : found;
  }

  /** Whether the test waits for the one whom the claim waits for, by the word in what it misses. */
  private static boolean isHeld(Test test, Hold hold) {
    return test.needs().stream().anyMatch(pointer -> pointer.contains("/" + hold.word()));
  }

  private static String kind(String subject) {
    if (subject.startsWith("/signatures") || subject.startsWith("signature:")) {
      return SIGNATURE;
    }
    return subject.startsWith("/")
            || subject.startsWith("income:")
            || subject.startsWith("noIncome:")
        ? FACT
        : PAPER;
  }
}
