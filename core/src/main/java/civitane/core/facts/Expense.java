package civitane.core.facts;

import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/** Money that goes out; it counts when it recurs. */
public record Expense(
    @Required ExpenseKind kind,
    @Nullable Amount amount,
    @Nullable Frequency frequency,
    @As(Form.PERSON) @Nullable String person) {

  public boolean recurs() {
    return frequency != Frequency.ONCE;
  }
}
