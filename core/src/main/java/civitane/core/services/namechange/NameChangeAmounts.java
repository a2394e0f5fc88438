package civitane.core.services.namechange;

import civitane.core.money.Amount;
import java.time.LocalDate;

/** Euros to pay, and the first day of the new name. */
public record NameChangeAmounts(Amount fee, LocalDate effectiveFrom) {}
