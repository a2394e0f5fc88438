package civitane.core.registers;

import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/** A tax year of somebody: whether a return was filed, and what was assessed, in euros. */
public record TaxRecord(boolean filed, @Nullable Amount assessedIncome) {}
