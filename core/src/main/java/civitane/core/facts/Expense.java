package civitane.core.facts;

import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/** Money that goes out; it counts when it recurs. */
public record Expense(
    ExpenseKind kind,
    @Nullable Amount amount,
    @Nullable Frequency frequency,
    @Nullable String person) {

  public boolean recurs() {
    return frequency != Frequency.ONCE;
  }
}
