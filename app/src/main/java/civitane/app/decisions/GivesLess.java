package civitane.app.decisions;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * That what is worked out gives less than the decision that stands.
 *
 * @param until how long the household can say what is wrong; null where it has not been told yet
 * @param over whether that time is over, or it has answered, so that it can be decided
 */
public record GivesLess(
    List<String> before, List<String> after, @Nullable LocalDate until, boolean over) {}
