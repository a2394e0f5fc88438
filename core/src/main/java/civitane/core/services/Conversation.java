package civitane.core.services;

import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.time.Ages;
import java.util.List;

/** Who of a household is asked, before any rule decides. */
public final class Conversation {
  private Conversation() {}

  /**
   * Those who speak for themselves: they sign, can be reached, and say whether they have an income.
   *
   * <p>The applicant always does, and so does somebody without a birth date until it is known.
   */
  public static List<Person> adults(Packet packet) {
    return packet.household().people().stream()
        .filter(person -> person.role() == Role.APPLICANT
            || person.birthDate() == null
            || Ages.isAdult(person.birthDate(), packet.assessedOn()))
        .toList();
  }
}
