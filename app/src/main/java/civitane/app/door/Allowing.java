package civitane.app.door;

import civitane.app.problems.Problem;
import civitane.core.facts.Consent;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.services.Permissions;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.List;

/** Whom somebody may allow to be asked as they sign, each for themselves and for a year. */
final class Allowing {
  private final Packet packet;
  private final Person person;
  private final LocalDate today;

  Allowing(Packet packet, Person person, LocalDate today) {
    this.packet = packet;
    this.person = person;
    this.today = today;
  }

  private LocalDate until() {
    return Permissions.until(today);
  }

  /** Those that are not allowed yet. */
  private List<ConsentTo> offered() {
    return Permissions.open(packet, person, today);
  }

  /** @param until says until when it holds, and how it is taken back earlier */
  DoorForm.DoorMayAsk in(Words words, String until) {
    return new DoorForm.DoorMayAsk(
        offered().stream()
            .map(to -> new DoorForm.DoorChoice(to.word(), words.say("door.allow." + to.word())))
            .toList(),
        words.say(until, "until", words.date(until())));
  }

  /** What is allowed by the words that were chosen. */
  List<Consent> given(List<String> chosen) {
    var offered = offered();
    return chosen.stream()
        .distinct()
        .map(word -> offered.stream()
            .filter(to -> to.word().equals(word))
            .findFirst()
            .orElseThrow(() -> Problem.wrong("“" + word + "” is nobody who is asked for this.")))
        .map(to -> new Consent(person.id(), to, today, until()))
        .toList();
  }
}
