package civitane.core.time;

import java.time.LocalDate;

/** The last day on which something can still be done at the office, where the days are counted out to a day. */
@FunctionalInterface
public interface LastDay {

  /** The day itself, whatever day it is. */
  LastDay AS_COUNTED = counted -> counted;

  LocalDate of(LocalDate counted);
}
