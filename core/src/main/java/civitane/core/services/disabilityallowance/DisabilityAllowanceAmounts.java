package civitane.core.services.disabilityallowance;

import civitane.core.money.Amount;
import java.time.LocalDate;

/** Euros a month, and the day it is looked at again. */
public record DisabilityAllowanceAmounts(Amount monthly, LocalDate reviewOn) {}
