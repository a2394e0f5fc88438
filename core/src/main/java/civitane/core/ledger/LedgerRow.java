package civitane.core.ledger;

import org.jspecify.annotations.Nullable;

/**
 * A fact with everything that speaks for it.
 *
 * @param place where it stands in the packet, as a JSON Pointer
 * @param said the newest word of the household, of those that hold
 * @param shown the newest that was read off a paper
 * @param checked the newest answer of a register, or of whose word it is
 * @param set what a caseworker set
 */
public record LedgerRow(
    String place,
    Subject subject,
    String field,
    @Nullable Entry said,
    @Nullable Entry shown,
    @Nullable Entry checked,
    @Nullable Entry set,
    Used used) {

  /** Whether what speaks for it does not say the same. */
  public boolean isDisputed() {
    return used.agreement() == Agreement.DIFFER || used.agreement() == Agreement.CONTRADICT;
  }
}
