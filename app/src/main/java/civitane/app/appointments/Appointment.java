package civitane.app.appointments;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An appointment with a household.
 *
 * @param minutes how long it takes
 * @param with the login of who meets them
 * @param interpreter into which language somebody interprets; null where nobody does
 * @param about what for, for who meets them
 * @param hearing whether an appeal or a review is heard, of which the household is told by letter
 * @param hereSince when they checked in; null while they have not
 * @param over what came of it; null while it is to come
 * @param note what there is to say of that
 */
record Appointment(
    UUID id,
    String claim,
    LocalDate on,
    LocalTime at,
    int minutes,
    String with,
    Place place,
    @Nullable String interpreter,
    String about,
    boolean hearing,
    @Nullable Instant hereSince,
    @Nullable Over over,
    @Nullable String note) {

  LocalTime ends() {
    return at.plusMinutes(minutes);
  }

  boolean overlaps(LocalTime from, LocalTime until) {
    return at.isBefore(until) && from.isBefore(ends());
  }
}
