package civitane.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What is otherwise between two results to one request.
 *
 * @param checks those that came out otherwise, in the order of the rules
 */
public record ResultChange(Result before, Result after, List<CheckChange> checks) {

  /**
   * A check that came out otherwise.
   *
   * @param before null where there was no such check
   * @param after null where there is none any more
   */
  public record CheckChange(
      String id, @Nullable Check before, @Nullable Check after) {}

  /** What is otherwise in a later result. */
  public static ResultChange of(Result before, Result after) {
    var checks = new ArrayList<CheckChange>();
    for (var check : after.checks()) {
      var was = before.check(check.id());
      if (was.isEmpty() || isOtherwise(was.get(), check)) {
        checks.add(new CheckChange(check.id(), was.orElse(null), check));
      }
    }
    for (var check : before.checks()) {
      if (after.check(check.id()).isEmpty()) {
        checks.add(new CheckChange(check.id(), check, null));
      }
    }
    return new ResultChange(before, after, List.copyOf(checks));
  }

  private static boolean isOtherwise(Check before, Check after) {
    return before.outcome() != after.outcome()
        || !Objects.equals(before.measured(), after.measured())
        || !Objects.equals(before.limit(), after.limit());
  }

  /** Whether nothing that is told of it is otherwise. */
  public boolean isNone() {
    return checks.isEmpty()
        && before.outcome() == after.outcome()
        && before.awards().equals(after.awards());
  }
}
