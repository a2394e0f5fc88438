package civitane.core.rules;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What the rules say to one request: the outcome with every test, the amounts, and how they came about. */
public final class Result {
  private final String service;
  private final Entitlement outcome;
  private final @Nullable Hold hold;
  private final @Nullable Route route;
  private final String book;
  private final List<Test> tests;
  private final Map<String, Object> amounts;
  private final List<Note> notes;
  private final Supplier<List<Line>> working;
  private final Map<String, Supplier<@Nullable Object>> aids;

  Result(
      String service,
      Entitlement outcome,
      @Nullable Hold hold,
      @Nullable Route route,
      String book,
      List<Test> tests,
      Map<String, Object> amounts,
      List<Note> notes,
      Supplier<List<Line>> working,
      Map<String, Supplier<@Nullable Object>> aids) {
    this.service = service;
    this.outcome = outcome;
    this.hold = hold;
    this.route = route;
    this.book = book;
    this.tests = tests;
    this.amounts = amounts;
    this.notes = notes;
    this.working = working;
    this.aids = aids;
  }

  public String service() {
    return service;
  }

  public Entitlement outcome() {
    return outcome;
  }

  /** Whom an undecided request waits for. */
  public @Nullable Hold hold() {
    return hold;
  }

  /** Where it goes instead of the queue. */
  public @Nullable Route route() {
    return route;
  }

  /** The name of the rate book. */
  public String book() {
    return book;
  }

  /** The tests in the order of the rules. */
  public List<Test> tests() {
    return tests;
  }

  public Optional<Test> test(String id) {
    return tests.stream().filter(test -> test.id().equals(id)).findFirst();
  }

  /** Amounts by name: an {@code Amount}, a date, a flag, a word, a list or a map of these. */
  public Map<String, Object> amounts() {
    return amounts;
  }

  public List<Note> notes() {
    return notes;
  }

  /** Whether it must not wait in a queue. */
  public boolean isUrgent() {
    return route == Route.URGENT_LINE || Boolean.TRUE.equals(amounts.get("urgent"));
  }

  /** What helps whoever asks or answers, by name: values as among the amounts; what is not known is not there. */
  public Map<String, Object> aids() {
    var known = new LinkedHashMap<String, Object>();
    aids.forEach((name, value) -> {
      var aid = value.get();
      if (aid != null) {
        known.put(name, aid);
      }
    });
    return known;
  }

  /** The sum line by line. */
  public List<Line> working() {
    return working.get();
  }
}
