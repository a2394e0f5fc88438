package civitane.app.changes;

import civitane.core.facts.Person;
import civitane.core.facts.Role;

/** What people are to whoever applies from now on, as far as that follows from what they were; else relatives. */
final class Roles {
  private Roles() {}

  /** Somebody as they are to whoever applies now. */
  static Person nextTo(Person applicant, Person person) {
    return person.as(role(person, applicant));
  }

  private static Role role(Person person, Person applicant) {
    if (person.id().equals(applicant.id())) {
      return Role.APPLICANT;
    }
    var was = person.role();
    return switch (applicant.role()) {
      case SPOUSE -> was;
      case CHILD -> was == Role.CHILD ? Role.SIBLING : outside(was);
      default -> outside(was);
    };
  }

  private static Role outside(Role was) {
    return was == Role.LODGER || was == Role.RESIDENT_CARER ? was : Role.RELATIVE;
  }
}
