package civitane.core.rules;

import civitane.core.money.Amount;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * One test of a service with its outcome and the reason for it.
 *
 * <p>Sentences are made when they are read, not before.
 */
public final class Test {
  private static final Supplier<List<String>> NOTHING = List::of;

  private final String id;
  private final Outcome outcome;
  private final Supplier<String> because;
  private @Nullable Amount measured;
  private @Nullable Amount limit;
  private Supplier<List<String>> needs = NOTHING;
  private List<String> missing = List.of();
  private @Nullable Supplier<String> change;
  private Supplier<Optional<String>> later = Optional::empty;

  private Test(String id, Outcome outcome, Supplier<String> because) {
    this.id = id;
    this.outcome = outcome;
    this.because = because;
  }

  public static Test of(String id, Outcome outcome, Supplier<String> because) {
    return new Test(id, outcome, because);
  }

  public static Test met(String id, Supplier<String> because) {
    return new Test(id, Outcome.MET, because);
  }

  public static Test notMet(String id, Supplier<String> because) {
    return new Test(id, Outcome.NOT_MET, because);
  }

  public static Test unknown(String id, Supplier<String> because) {
    return new Test(id, Outcome.UNKNOWN, because);
  }

  public static Test notApplicable(String id, Supplier<String> because) {
    return new Test(id, Outcome.NOT_APPLICABLE, because);
  }

  /** With the two numbers compared. */
  public Test comparing(@Nullable Amount measured, @Nullable Amount limit) {
    this.measured = measured;
    this.limit = limit;
    return this;
  }

  /** With the pointers of the facts it used. */
  public Test needing(Supplier<List<String>> needs) {
    this.needs = needs;
    return this;
  }

  /** With what is not there. */
  public Test missing(List<String> missing) {
    this.missing = List.copyOf(missing);
    return this;
  }

  /** With the nearest change that would meet it. */
  public Test changedBy(Supplier<String> change) {
    this.change = change;
    return this;
  }

  /** With what time alone would change, should there be anything. */
  public Test changedLater(Supplier<Optional<String>> later) {
    this.later = later;
    return this;
  }

  /** The test's name, as in {@code RR-INCOME}; tests made per child carry the child, as in {@code SM-CHILD:p2}. */
  public String id() {
    return id;
  }

  public Outcome outcome() {
    return outcome;
  }

  public boolean is(Outcome other) {
    return outcome == other;
  }

  public @Nullable Amount measured() {
    return measured;
  }

  public @Nullable Amount limit() {
    return limit;
  }

  /** One sentence with the working in it, in plain words. */
  public String because() {
    return because.get();
  }

  /** JSON Pointers to the facts it used. */
  public List<String> needs() {
    return needs.get();
  }

  /** What is not there: pointers, or papers as {@code kind:person}. */
  public List<String> missing() {
    return missing;
  }

  /** The nearest change that would meet it; null where there is none to name. */
  public @Nullable String change() {
    var inTime = later.get().orElse(null);
    if (change == null) {
      return inTime;
    }
    return inTime == null ? change.get() : change.get() + " " + inTime;
  }
}
