package civitane.core.ledger;

import civitane.core.facts.Packet;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A packet, with the subjects that its parts are.
 *
 * @param subjects by their places in the packet, as in {@code /household/people/0}
 * @param people the subjects of people and incomes by their ids in the packet
 */
public record Assembled(Packet packet, Map<String, UUID> subjects, Map<String, UUID> people) {
  public Assembled {
    subjects = Map.copyOf(subjects);
    people = Map.copyOf(people);
  }

  public Optional<UUID> subject(String place) {
    return Optional.ofNullable(subjects.get(place));
  }
}
