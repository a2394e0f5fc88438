package civitane.core.rules;

import civitane.core.facts.ExpenseKind;
import civitane.core.income.Counted;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * An answer that repeats what the household's expenses say.
 *
 * <p>Without the answer the expenses stand, made monthly; where both are there they must agree. A list of expenses that
 * names none of the kinds means that there are none.
 *
 * @param value euros a month; null when neither is there or the expenses are not complete
 * @param missing paths of answers and pointers of facts that would tell it
 */
public record Restated(@Nullable Amount value, boolean contradicts, List<String> missing) {

  /** Reads the answer at a path beside the expenses of the kinds. */
  public static Restated of(
      Counted counted, @Nullable Amount answer, String path, Set<ExpenseKind> kinds) {
    if (!counted.hasExpense(kinds)) {
      if (answer == null && counted.household().expenses() != null) {
        return new Restated(Amount.ZERO, false, List.of());
      }
      return new Restated(answer, false, answer == null ? List.of(path) : List.of());
    }
    var expenses = counted.monthly(kinds);
    if (!expenses.isKnown()) {
      return new Restated(answer, false, answer == null ? expenses.missing() : List.of());
    }
    if (answer != null && !answer.equals(expenses.known())) {
      return new Restated(answer, true, List.of(path, "/household/expenses"));
    }
    return new Restated(expenses.known(), false, List.of());
  }

  /** The value, or 0 where nothing is said at all. */
  public Restated orZero(Counted counted, Set<ExpenseKind> kinds) {
    return value == null && !counted.hasExpense(kinds)
        ? new Restated(Amount.ZERO, false, List.of())
        : this;
  }

  public boolean isKnown() {
    return value != null && !contradicts;
  }

  /** A check that lacks what would tell it. */
  public Checking wantedBy(Checking check) {
    for (var place : missing) {
      if (place.startsWith("/")) {
        check.needsFact(place, null);
      } else {
        check.needs(place, null);
      }
    }
    return check;
  }
}
