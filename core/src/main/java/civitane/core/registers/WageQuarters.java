package civitane.core.registers;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.util.SortedMap;

/** What an employer reported for somebody by calendar quarter: euros before tax. */
public record WageQuarters(String employer, SortedMap<Quarter, Amount> earned) {}
