package civitane.core.services.homepaymentrelief;

import java.time.YearMonth;
import java.util.List;

/** The calendar months that count, the earliest first. */
public record HomePaymentReliefAids(List<YearMonth> months) {}
