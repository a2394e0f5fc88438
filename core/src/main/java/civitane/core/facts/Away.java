package civitane.core.facts;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** An absence that does not end somebody's place in the household. */
public record Away(@Required AwayReason why, @Nullable LocalDate since) {}
