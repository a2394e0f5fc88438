package civitane.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A result in the making: the tests in order, then what follows from them. */
public final class Determination {
  private final Situation it;
  private final List<Test> tests = new ArrayList<>(12);
  private final List<Note> notes = new ArrayList<>(2);
  private final Map<String, Object> known = new LinkedHashMap<>();
  private Supplier<Map<String, Object>> award = Map::of;
  private final Map<String, Supplier<@Nullable Object>> aids = new LinkedHashMap<>(2);
  private Supplier<List<Line>> working = List::of;
  private @Nullable Hold hold;
  private @Nullable Route route;

  Determination(Situation it) {
    this.it = it;
  }

  public Determination test(Test test) {
    tests.add(test);
    return this;
  }

  public Determination tests(List<Test> several) {
    tests.addAll(several);
    return this;
  }

  /** Adds a test that only a full determination makes. */
  public Determination determineOnly(Supplier<Test> test) {
    if (it.mode() == Mode.DETERMINE) {
      tests.add(test.get());
    }
    return this;
  }

  public Determination note(boolean applies, String code, Supplier<String> text) {
    if (applies) {
      notes.add(new Note(code, text.get()));
    }
    return this;
  }

  public Determination notes(List<Note> several) {
    notes.addAll(several);
    return this;
  }

  public Determination hold(boolean applies, Hold whom) {
    if (applies) {
      hold = whom;
    }
    return this;
  }

  public Determination route(boolean applies, Route where) {
    if (applies) {
      route = where;
    }
    return this;
  }

  /** An amount told whatever the outcome, as soon as it is known. */
  public Determination known(String name, @Nullable Object value) {
    if (value != null) {
      known.put(name, value);
    }
    return this;
  }

  /** The amounts of an entitled request. */
  public Determination award(Supplier<Map<String, Object>> amounts) {
    award = amounts;
    return this;
  }

  public Determination working(Supplier<List<Line>> lines) {
    working = lines;
    return this;
  }

  /** Something worked out on the way that helps whoever asks or answers; no part of the result. */
  public Determination aid(String name, Supplier<@Nullable Object> value) {
    aids.put(name, value);
    return this;
  }

  public Result result(String service) {
    var outcome = outcome();
    var open = outcome == Entitlement.UNKNOWN;
    Map<String, Object> amounts = known;
    if (outcome == Entitlement.ENTITLED) {
      amounts = new LinkedHashMap<>(award.get());
      amounts.putAll(known);
    }
    return new Result(
        service,
        outcome,
        open ? hold : null,
        open ? route : null,
        it.rates().name(),
        List.copyOf(tests),
        amounts,
        List.copyOf(notes),
        working,
        aids);
  }

  private Entitlement outcome() {
    if (route == Route.URGENT_LINE) {
      return Entitlement.UNKNOWN;
    }
    var unknown = false;
    for (var test : tests) {
      if (test.is(Outcome.NOT_MET) && sinks(test)) {
        return Entitlement.NOT_ENTITLED;
      }
      unknown |= test.is(Outcome.UNKNOWN);
    }
    return unknown ? Entitlement.UNKNOWN : Entitlement.ENTITLED;
  }

  /** A test made per child sinks the request only when it is not met for every child. */
  private boolean sinks(Test test) {
    var colon = test.id().indexOf(':');
    if (colon < 0) {
      return true;
    }
    var family = test.id().substring(0, colon + 1);
    for (var other : tests) {
      if (other.id().startsWith(family) && !other.is(Outcome.NOT_MET)) {
        return false;
      }
    }
    return true;
  }
}
