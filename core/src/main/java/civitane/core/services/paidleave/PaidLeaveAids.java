package civitane.core.services.paidleave;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What helps to ask for leave.
 *
 * @param basePeriod euros by the quarters that count
 * @param leave weeks of leave by what became of them
 */
public record PaidLeaveAids(
    @Nullable Map<Quarter, Amount> basePeriod, @Nullable LeaveBalance leave) {}
