package civitane.core.rules;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A check of several parts in the making.
 *
 * <p>A part that fails makes it not met, whatever is still missing; else a missing or doubtful part makes it unknown.
 */
public final class Checking {
  private final Situation<?> it;
  private final String id;
  private final List<Place> places = new ArrayList<>(4);
  private List<Missing> missing = List.of();
  private List<Reason> failed = List.of();
  private List<Reason> doubts = List.of();
  private List<Reason> changes = List.of();
  private @Nullable Amount measured;
  private @Nullable Amount limit;
  private boolean ofIncome;
  private boolean judged;

  Checking(Situation<?> it, String id) {
    this.it = it;
    this.id = id;
  }

  /** Needs an answer, at its path within the answers, as in {@code children/0/school}. */
  public Checking needs(String path, @Nullable Object answer) {
    places.add(new Place(it.answersAt() + path, -1));
    if (isMissing(answer)) {
      missing = with(missing, it.missing(path));
    }
    return this;
  }

  private static boolean isMissing(@Nullable Object answer) {
    return answer == null || answer instanceof String text && text.isBlank();
  }

  /** Uses an answer that may be absent. */
  public Checking uses(String path) {
    places.add(new Place(it.answersAt() + path, -1));
    return this;
  }

  /** Uses a fact of the household that may be absent. */
  public Checking usesFact(String pointer) {
    places.add(Place.of(pointer));
    return this;
  }

  /** Needs a fact of the household, by its pointer. */
  public Checking needsFact(String pointer, @Nullable Object value) {
    places.add(Place.of(pointer));
    if (isMissing(value)) {
      missing = with(missing, it.missingFact(pointer));
    }
    return this;
  }

  Checking uses(List<Place> several) {
    places.addAll(several);
    return this;
  }

  /** Lacks something that another rule has found missing. */
  public Checking lacks(List<Missing> several) {
    for (var one : several) {
      missing = with(missing, one);
    }
    return this;
  }

  /** A condition that must hold; null where what it needs is missing. The reason is made where it fails. */
  public Checking must(@Nullable Boolean holds, Supplier<Reason> otherwise) {
    if (Boolean.FALSE.equals(holds)) {
      failed = with(failed, otherwise.get());
    }
    return this;
  }

  /** A condition under which a person has to look. */
  public Checking doubtIf(boolean doubtful, Supplier<Reason> because) {
    if (doubtful) {
      doubts = with(doubts, because.get());
    }
    return this;
  }

  /** A condition that nobody but the office can settle: one of its own has to judge it. */
  public Checking judgedIf(boolean doubtful, Supplier<Reason> because) {
    judged |= doubtful;
    return doubtIf(doubtful, because);
  }

  public Checking comparing(@Nullable Amount measured, @Nullable Amount limit) {
    this.measured = measured;
    this.limit = limit;
    return this;
  }

  /** The nearest change that would meet it, named where it fails; told after what must hold. */
  public Checking changedBy(Supplier<Reason> change) {
    if (!failed.isEmpty()) {
      changes = with(changes, change.get());
    }
    return this;
  }

  /** A check that holds what comes in against a limit. */
  public Checking ofIncome() {
    ofIncome = true;
    return this;
  }

  /** The finished check; the reason is for when it is met. */
  public Check orMet(Supplier<Reason> because) {
    if (!failed.isEmpty()) {
      return built(Outcome.NOT_MET, failed);
    }
    return missing.isEmpty() && doubts.isEmpty()
        ? built(Outcome.MET, List.of(because.get()))
        : open();
  }

  /** The finished check where what is missing or in doubt leaves it open whatever else holds. */
  public Check open() {
    if (!failed.isEmpty()) {
      return built(Outcome.NOT_MET, failed);
    }
    if (missing.isEmpty() && doubts.isEmpty()) {
      throw new IllegalStateException(id + " leaves nothing open");
    }
    var reasons = doubts;
    if (!missing.isEmpty()) {
      reasons = new ArrayList<>(doubts);
      reasons.add(Why.STILL_NEEDED.with(new Argument.Several(missing)));
    }
    return built(Outcome.UNKNOWN, reasons);
  }

  /** The finished check where one reason leaves it open, and something may be missing. */
  public Check unknown(List<Reason> because) {
    return built(Outcome.UNKNOWN, because);
  }

  public Check unknown(Reason because) {
    return built(Outcome.UNKNOWN, List.of(because));
  }

  public Check notMet(Reason because) {
    return built(Outcome.NOT_MET, List.of(because));
  }

  public Check met(Reason because) {
    return built(Outcome.MET, List.of(because));
  }

  public Check notApplicable(Reason because) {
    return built(Outcome.NOT_APPLICABLE, List.of(because));
  }

  private Check built(Outcome outcome, List<Reason> reasons) {
    return new Check(
        id, outcome, reasons, measured, limit, places, missing, changes, ofIncome, judged);
  }

  /** A list with one more; most checks find nothing wrong and never make one. */
  private static <T> List<T> with(List<T> list, T one) {
    var longer = list.isEmpty() ? new ArrayList<T>(2) : list;
    longer.add(one);
    return longer;
  }
}
