package civitane.core.facts;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A person's permission to ask somebody else, with its end. */
public record Consent(
    @Required @As(Form.PERSON) String person,
    @Required ConsentTo to,
    @Nullable LocalDate on,
    @Nullable LocalDate until) {

  /** Whether it is given on a day: from the day it was, to its last. */
  public boolean holdsOn(LocalDate day) {
    return (on == null || !on.isAfter(day)) && (until == null || !until.isBefore(day));
  }
}
