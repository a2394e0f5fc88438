package civitane.core.rules;

import civitane.core.money.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A test of several parts in the making.
 *
 * <p>A part that fails makes it not met, whatever is still missing; else a missing or doubtful part makes it unknown.
 */
public final class Check {
  private final Situation it;
  private final String id;
  private final List<String> used = new ArrayList<>(4);
  private final List<String> missing = new ArrayList<>(2);
  private final List<Supplier<String>> failed = new ArrayList<>(2);
  private final List<Supplier<String>> doubts = new ArrayList<>(2);
  private @Nullable Amount measured;
  private @Nullable Amount limit;
  private @Nullable Supplier<String> change;

  Check(Situation it, String id) {
    this.it = it;
    this.id = id;
  }

  /** Needs an answer, by its key or its path within the answers, as in {@code children/0/school}. */
  public Check needs(String answer) {
    used.add(answer);
    if (!it.isAnswered(answer)) {
      missing.add(it.pointer(answer));
    }
    return this;
  }

  /** Uses an answer that may be absent. */
  public Check uses(String answer) {
    used.add(answer);
    return this;
  }

  /** Uses a fact of the household that may be absent. */
  public Check usesFact(String pointer) {
    used.add(pointer);
    return this;
  }

  /** Needs a fact of the household, by its pointer. */
  public Check needsFact(String pointer, @Nullable Object value) {
    used.add(pointer);
    if (value == null) {
      missing.add(pointer);
    }
    return this;
  }

  public Check lacks(List<String> pointers) {
    missing.addAll(pointers);
    return this;
  }

  /** A condition that must hold; null where what it needs is missing. */
  public Check must(@Nullable Boolean holds, Supplier<String> otherwise) {
    if (Boolean.FALSE.equals(holds)) {
      failed.add(otherwise);
    }
    return this;
  }

  /** A condition under which a person has to look. */
  public Check doubtIf(boolean doubtful, Supplier<String> because) {
    if (doubtful) {
      doubts.add(because);
    }
    return this;
  }

  public Check comparing(@Nullable Amount measured, @Nullable Amount limit) {
    this.measured = measured;
    this.limit = limit;
    return this;
  }

  public Check changedBy(Supplier<String> change) {
    this.change = change;
    return this;
  }

  /** The finished test; the sentence is for when it is met. */
  public Test orMet(Supplier<String> because) {
    var test = Test.of(id, outcome(), sentence(because));
    if (change != null && !failed.isEmpty()) {
      test.changedBy(change);
    }
    return test.comparing(measured, limit)
        .missing(missing)
        .needing(() -> used.stream().map(it::pointer).distinct().toList());
  }

  private Outcome outcome() {
    if (!failed.isEmpty()) {
      return Outcome.NOT_MET;
    }
    return missing.isEmpty() && doubts.isEmpty() ? Outcome.MET : Outcome.UNKNOWN;
  }

  private Supplier<String> sentence(Supplier<String> because) {
    if (!failed.isEmpty()) {
      return () -> joined(failed.stream().map(Supplier::get));
    }
    if (!missing.isEmpty() || !doubts.isEmpty()) {
      return () -> joined(Stream.concat(
          doubts.stream().map(Supplier::get),
          Stream.ofNullable(missing.isEmpty() ? null : Wording.wanted(missing))));
    }
    return because;
  }

  private static String joined(Stream<String> sentences) {
    return sentences.collect(Collectors.joining(" "));
  }
}
