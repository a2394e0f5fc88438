package civitane.core.services.paymentarrangement;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What would be due on each day; null while the plan can't be made. */
public record PaymentArrangementAids(@Nullable Map<LocalDate, Amount> plan) {}
