package civitane.core.rules;

import civitane.core.awards.Award;
import civitane.core.reasons.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A result in the making: the checks in order, then what follows from them. */
public final class Determination {
  private final Situation<?> it;
  private final List<Check> checks = new ArrayList<>(12);
  private final List<Note> notes = new ArrayList<>(2);
  private @Nullable Record known;
  private Supplier<? extends @Nullable Record> amounts = () -> null;
  private Supplier<List<Award>> awards = List::of;
  private List<Line> working = List.of();
  private @Nullable Hold hold;
  private @Nullable Route route;
  private boolean urgent;

  Determination(Situation<?> it) {
    this.it = it;
  }

  public Determination check(Check check) {
    checks.add(check);
    return this;
  }

  public Determination checks(List<Check> several) {
    checks.addAll(several);
    return this;
  }

  /** Adds a check that only a full determination makes. */
  public Determination determineOnly(Supplier<Check> check) {
    if (it.mode() == Mode.DETERMINE) {
      checks.add(check.get());
    }
    return this;
  }

  public Determination note(boolean applies, Supplier<Reason> note) {
    if (applies) {
      notes.add(new Note(note.get()));
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

  /** Whether it must not wait in a queue, whatever the outcome. */
  public Determination urgent(boolean applies) {
    urgent |= applies;
    return this;
  }

  /** The amounts told whatever the outcome, as far as they are known. */
  public Determination known(@Nullable Record amounts) {
    known = amounts;
    return this;
  }

  /** The amounts of an entitled request. */
  public Determination amounts(Supplier<? extends @Nullable Record> amounts) {
    this.amounts = amounts;
    return this;
  }

  /** What an entitled request is granted. */
  public Determination awards(Supplier<List<Award>> awards) {
    this.awards = awards;
    return this;
  }

  /** The sum line by line, where everything that it needs is known. */
  public Determination working(boolean known, Supplier<List<Line>> lines) {
    working = known ? lines.get() : List.of();
    return this;
  }

  public Result result(String service) {
    var outcome = outcome();
    var open = outcome == Finding.UNKNOWN;
    var entitled = outcome == Finding.ENTITLED;
    return new Result(
        service,
        outcome,
        open ? hold : null,
        open ? route : null,
        it.rates().name(),
        checks,
        entitled ? amounts.get() : known,
        entitled ? awards.get() : List.of(),
        notes,
        working,
        urgent || route == Route.URGENT_LINE && open);
  }

  private Finding outcome() {
    if (route == Route.URGENT_LINE) {
      return Finding.UNKNOWN;
    }
    var unknown = false;
    for (var check : checks) {
      if (check.is(Outcome.NOT_MET) && sinks(check)) {
        return Finding.NOT_ENTITLED;
      }
      unknown |= check.is(Outcome.UNKNOWN);
    }
    return unknown ? Finding.UNKNOWN : Finding.ENTITLED;
  }

  /** A check made per child sinks the request only when it is not met for every child. */
  private boolean sinks(Check check) {
    var colon = check.id().indexOf(':');
    if (colon < 0) {
      return true;
    }
    var family = check.id().substring(0, colon + 1);
    for (var other : checks) {
      if (other.id().startsWith(family) && !other.is(Outcome.NOT_MET)) {
        return false;
      }
    }
    return true;
  }
}
