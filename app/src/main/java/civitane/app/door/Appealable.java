package civitane.app.door;

import civitane.app.appeals.Appeals;
import civitane.app.claims.Claims;
import civitane.app.determining.Screenings;
import civitane.app.letters.LettersOut;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether what was decided can be appealed against from behind the door, and until when. */
@Component
class Appealable {
  private final Appeals appeals;
  private final Claims claims;
  private final LettersOut letters;
  private final Screenings screenings;
  private final Clock clock;

  Appealable(
      Appeals appeals, Claims claims, LettersOut letters, Screenings screenings, Clock clock) {
    this.appeals = appeals;
    this.claims = claims;
    this.letters = letters;
    this.screenings = screenings;
    this.clock = clock;
  }

  /** Until when, in words; null before the letter that tells it has gone out, and while an appeal is heard. */
  DoorView.@Nullable DoorAppeal of(String number, Words words) {
    if (letters.waits(Standing.DECISION, number) || appeals.isHeard(number)) {
      return null;
    }
    return appeals
        .standing(number)
        .map(decision -> {
          var until = screenings.appealableUntil(decision.on());
          var late = until.isBefore(LocalDate.now(clock));
          return new DoorView.DoorAppeal(
              words.say(late ? "door.appeal.late" : "door.appeal.until", "until", until),
              late,
              claims.claim(number).decisions().stream()
                  .anyMatch(one -> one.id() < decision.id() && one.grants()));
        })
        .orElse(null);
  }
}
