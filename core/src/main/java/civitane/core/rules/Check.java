package civitane.core.rules;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Reason;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One check of a service with its outcome and the reasons for it; built once by {@link Checking}. */
public final class Check {
  private final String id;
  private final Outcome outcome;
  private final List<Reason> reasons;
  private final @Nullable Amount measured;
  private final @Nullable Amount limit;
  private final List<Place> places;
  private final List<Missing> missing;
  private final List<Reason> changes;
  private final boolean ofIncome;
  private final boolean judged;

  Check(
      String id,
      Outcome outcome,
      List<Reason> reasons,
      @Nullable Amount measured,
      @Nullable Amount limit,
      List<Place> places,
      List<Missing> missing,
      List<Reason> changes,
      boolean ofIncome,
      boolean judged) {
    this.id = id;
    this.outcome = outcome;
    this.reasons = reasons;
    this.measured = measured;
    this.limit = limit;
    this.places = places;
    this.missing = missing;
    this.changes = changes;
    this.ofIncome = ofIncome;
    this.judged = judged;
  }

  /** The same with one more thing that would change it. */
  Check changedBy(Reason change) {
    var all = new ArrayList<>(changes);
    all.add(change);
    return new Check(
        id, outcome, reasons, measured, limit, places, missing, List.copyOf(all), ofIncome, judged);
  }

  /** The check's name and paragraph, as in {@code RR-INCOME}; made per child it carries the child: {@code SM-CHILD:p2}. */
  public String id() {
    return id;
  }

  public Outcome outcome() {
    return outcome;
  }

  public boolean is(Outcome other) {
    return outcome == other;
  }

  /** Why it ends so: of several parts that fail or are in doubt, each. */
  public List<Reason> reasons() {
    return reasons;
  }

  public @Nullable Amount measured() {
    return measured;
  }

  public @Nullable Amount limit() {
    return limit;
  }

  /** JSON Pointers to the facts it used, each once. */
  public List<String> needs() {
    var pointers = new LinkedHashSet<String>();
    for (var place : places) {
      pointers.add(place.pointer());
    }
    return List.copyOf(pointers);
  }

  /** What is not there. */
  public List<Missing> missing() {
    return missing;
  }

  /** The nearest changes that would meet it; none where there is none to name. */
  public List<Reason> changes() {
    return changes;
  }

  /** Whether it holds what comes in against a limit. */
  public boolean isOfIncome() {
    return ofIncome;
  }

  /** Whether only the office can settle what is in doubt. */
  public boolean isForTheOffice() {
    return judged;
  }

  @Override
  public String toString() {
    return id + " " + outcome.word() + " " + reasons;
  }
}
