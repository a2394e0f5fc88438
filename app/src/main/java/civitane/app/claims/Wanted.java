package civitane.app.claims;

import civitane.app.screening.DeskWords;
import civitane.core.claims.Turn;
import civitane.core.reasons.Argument.Missing;
import civitane.core.rules.Check;
import civitane.core.rules.Hold;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.words.Voice;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;

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
      wanted.put(
          WORD,
          new Wanted(
              WORD,
              result.route().word(),
              DeskWords.WORDS.capital(DeskWords.WORDS.word(result.route())),
              Turn.OURS));
    }
    for (var check : result.checks()) {
      if (check.is(Outcome.UNKNOWN) && !(urgent && check.missing().isEmpty())) {
        for (var one : of(check, result.hold())) {
          wanted.putIfAbsent(one.kind() + one.subject(), one);
        }
      }
    }
    return List.copyOf(wanted.values());
  }

  private static List<Wanted> of(Check check, @Nullable Hold hold) {
    var because = DeskWords.WORDS.say(check.reasons(), Voice.DESK);
    if (hold != null && isHeld(check, hold)) {
      return List.of(new Wanted(WORD, hold.word(), because, Turn.THIRD_PARTY));
    }
    if (check.missing().isEmpty()) {
      var needed = check.needs();
      return List.of(
          needed.isEmpty()
              ? new Wanted(FACT, check.id(), because, Turn.HOUSEHOLD)
              : new Wanted(kind(needed.get(0)), needed.get(0), because, Turn.HOUSEHOLD));
    }
    var alone = check.missing().size() == 1;
    return check.missing().stream()
        .map(missing -> new Wanted(
            kind(missing.subject()),
            missing.subject(),
            alone ? because : stillNeeded(missing),
            Turn.HOUSEHOLD))
        .toList();
  }

  /** Of several things each is an item of its own, and says of itself what it is. */
  private static String stillNeeded(Missing missing) {
    return DeskWords.WORDS.say("rules.stillNeeded", "what", DeskWords.WORDS.missing(missing));
  }

  /** Whether the check waits for the one whom the claim waits for, by the word in what it misses. */
  private static boolean isHeld(Check check, Hold hold) {
    return check.needs().stream().anyMatch(pointer -> pointer.contains("/" + hold.word()));
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
