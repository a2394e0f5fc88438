package civitane.core.services.clearrecord;

import civitane.core.money.Amount;
import java.time.LocalDate;

/** Euros to pay, and the last day the certificate holds. */
public record ClearRecordAmounts(Amount fee, LocalDate validUntil) {}
