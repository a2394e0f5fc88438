package civitane.core.services.rentrelief;

import java.time.YearMonth;
import java.util.List;

/** The months that can be paid, the earliest first. */
public record RentReliefAids(List<YearMonth> months) {}
