package civitane.core.rules;

import civitane.core.money.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
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
  private List<String> missing = List.of();
  private List<Supplier<String>> failed = List.of();
  private List<Supplier<String>> doubts = List.of();
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
      missing = with(missing, it.pointer(answer));
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
      missing = with(missing, pointer);
    }
    return this;
  }

  public Check lacks(List<String> pointers) {
    for (var pointer : pointers) {
      missing = with(missing, pointer);
    }
    return this;
  }

  /** A condition that must hold; null where what it needs is missing. */
  public Check must(@Nullable Boolean holds, Supplier<String> otherwise) {
    if (Boolean.FALSE.equals(holds)) {
      failed = with(failed, otherwise);
    }
    return this;
  }

  /** A condition under which a person has to look. */
  public Check doubtIf(boolean doubtful, Supplier<String> because) {
    if (doubtful) {
      doubts = with(doubts, because);
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
    return test.comparing(measured, limit).missing(missing).needing(this::pointers);
  }

  private List<String> pointers() {
    var pointers = new ArrayList<String>(used.size());
    for (var answer : used) {
      var pointer = it.pointer(answer);
      if (!pointers.contains(pointer)) {
        pointers.add(pointer);
      }
    }
    return pointers;
  }

  /** A list with one more; most checks find nothing wrong and never make one. */
  private static <T> List<T> with(List<T> list, T one) {
    var longer = list.isEmpty() ? new ArrayList<T>(2) : list;
    longer.add(one);
    return longer;
  }

  private Outcome outcome() {
    if (!failed.isEmpty()) {
      return Outcome.NOT_MET;
    }
    return missing.isEmpty() && doubts.isEmpty() ? Outcome.MET : Outcome.UNKNOWN;
  }

  private Supplier<String> sentence(Supplier<String> because) {
    if (!failed.isEmpty()) {
      return () -> joined(failed);
    }
    if (!missing.isEmpty()) {
      return () -> doubts.isEmpty()
          ? Wording.wanted(missing)
          : joined(doubts) + " " + Wording.wanted(missing);
    }
    return doubts.isEmpty() ? because : () -> joined(doubts);
  }

  private static String joined(List<Supplier<String>> sentences) {
    var first = sentences.get(0).get();
    if (sentences.size() == 1) {
      return first;
    }
    var all = new StringBuilder(first);
    for (var sentence : sentences.subList(1, sentences.size())) {
      all.append(' ').append(sentence.get());
    }
    return all.toString();
  }
}
