package civitane.app.appointments;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An appointment as the interface shows it.
 *
 * @param name of the household
 * @param at as in 14:30
 * @param with the name of who meets them
 * @param about what for; empty for who does not work claims
 */
record AppointmentView(
    UUID id,
    String claim,
    String name,
    LocalDate on,
    String at,
    String until,
    String with,
    String place,
    @Nullable String interpreter,
    String about,
    boolean hearing,
    @Nullable Instant hereSince,
    @Nullable String over,
    @Nullable String note) {

  static AppointmentView of(Appointment one, String name, String with, boolean works) {
    return new AppointmentView(
        one.id(),
        one.claim(),
        name,
        one.on(),
        one.at().toString(),
        one.ends().toString(),
        with,
        one.place().word(),
        one.interpreter(),
        works ? one.about() : "",
        one.hearing(),
        one.hereSince(),
        one.over() == null ? null : one.over().name().toLowerCase(Locale.ROOT),
        works ? one.note() : null);
  }
}
