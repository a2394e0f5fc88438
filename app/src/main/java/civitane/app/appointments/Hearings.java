package civitane.app.appointments;

import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.app.staff.Staff;
import civitane.core.rates.RateShelf;
import civitane.core.services.Services;
import civitane.core.time.LastDay;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** Hearings of appeals and reviews: not before the household had the time that the law gives it, and told of by letter. */
@Component
class Hearings {
  private final Claims claims;
  private final Ledgers ledgers;
  private final Letters letters;
  private final RateShelf rates;
  private final LastDay openDays;
  private final Clock clock;

  Hearings(
      Claims claims,
      Ledgers ledgers,
      Letters letters,
      RateShelf rates,
      LastDay openDays,
      Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.letters = letters;
    this.rates = rates;
    this.openDays = openDays;
    this.clock = clock;
  }

  /** The first day on which a claim can be heard, if it is told of today; empty where none is held. */
  @Transactional(readOnly = true)
  public Optional<LocalDate> from(String number) {
    var packet = claims.facts(number).packet();
    var service = known(Services.named(packet.requests().get(0).service()).orElse(null));
    var notice = rates.on(packet.assessedOn()).map(service::hearingNotice);
    return notice
        .filter(java.util.OptionalInt::isPresent)
        .map(days -> openDays.of(LocalDate.now(clock).plusDays(days.getAsInt())));
  }

  /** What stands against hearing a claim when it is wished; empty where nothing does. */
  Optional<String> against(String number, Appointments.Wished wished) {
    var from = from(number);
    if (from.isEmpty()) {
      return Optional.of("Nothing is heard on this claim: only appeals and reviews are.");
    }
    return wished.on().isBefore(from.get())
        ? Optional.of("The household has to be told in time: it can be heard from "
            + DeskWords.WORDS.date(from.get()) + " on.")
        : Optional.empty();
  }

  /** Tells the household when it is heard, or that it is not. */
  void tell(Staff.Colleague by, Appointment hearing, String with, boolean isOff) {
    var number = hearing.claim();
    letters.write(
        by.actor(),
        HearingLetter.text(
            letters.written(HearingLetter.KIND, number) + 1,
            claims.facts(number).packet(),
            ledgers.acting(claims.householdOf(number)).values(),
            hearing,
            with,
            isOff));
  }
}
