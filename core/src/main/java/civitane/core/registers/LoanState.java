package civitane.core.registers;

import civitane.core.money.Amount;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A loan by the books of who lent the money.
 *
 * @param participates whether the lender takes part in relief at all
 * @param due what is due, in euros; null where the lender does not tell
 * @param asOf the day it is due by
 */
public record LoanState(
    boolean participates, @Nullable Amount due, @Nullable LocalDate asOf) {}
