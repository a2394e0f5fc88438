package civitane.core.facts;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Somebody's own statement that there is no income, and what they live on. */
public record NoIncome(
    @Required @As(Form.PERSON) String person,
    @Nullable LocalDate since,
    @Nullable String livesOn,
    @Nullable LocalDate statedOn) {}
