package civitane.app.changes;

import civitane.core.facts.Person;
import civitane.core.ledger.Assembled;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;

/** Somebody of a household, by the subject they are. */
record Member(UUID subject, Person person) {

  /** Everybody of a household, in its order. */
  static Stream<Member> of(Assembled facts) {
    return facts.packet().household().people().stream()
        .map(person ->
            new Member(Objects.requireNonNull(facts.places().ids().get(person.id())), person));
  }

  DeathsView.Living view() {
    return new DeathsView.Living(
        subject, person.fullName(), person.role().word(), person.birthDate());
  }
}
