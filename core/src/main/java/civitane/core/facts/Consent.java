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

  /** Whether it is a person's to have somebody asked, given on a day. */
  public boolean isOf(String who, ConsentTo whom, LocalDate day) {
    return person.equals(who) && to == whom && holdsOn(day);
  }
}
