package civitane.core.facts;

import civitane.core.money.Amount;
import java.time.LocalDate;

/** What a payslip says: the gross pay of the period that ended on a day. */
public record Payslip(
    @Required LocalDate periodEnd, @Required Amount gross) {}
