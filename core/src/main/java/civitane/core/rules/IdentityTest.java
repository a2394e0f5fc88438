package civitane.core.rules;

import civitane.core.facts.Person;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import java.util.List;
import java.util.Optional;

/** The test ID: it is shown who somebody is. */
public final class IdentityTest {
  private IdentityTest() {}

  public static Identity of(Situation it, Person person) {
    return Identity.of(person, it.packet().papers(), it.asOf(), it.rates().recentDays());
  }

  public static Test standard(Situation it, Person person) {
    return reaching(it, Optional.of(person), IdentityLevel.STANDARD);
  }

  /** The test for the person an answer names; unknown while nobody is named. */
  public static Test standard(Situation it, Optional<Person> person) {
    return reaching(it, person, IdentityLevel.STANDARD);
  }

  public static Test reaching(Situation it, Optional<Person> person, IdentityLevel wanted) {
    if (person.isEmpty()) {
      return it.check("ID").needs("person").orMet(() -> "");
    }
    var who = person.get();
    var identity = of(it, who);
    if (identity.level().compareTo(wanted) <= 0) {
      return Test.met(
          "ID",
          () -> "It is shown who " + who.calledBy() + " is, by "
              + Wording.list(identity.speaking().stream()
                  .map(paper -> Wording.spoken(paper.kind().word()))
                  .distinct()
                  .sorted()
                  .toList())
              + ".");
    }
    return Test.unknown("ID", () -> sentence(who, identity))
        .missing(List.of("identity:" + who.id()));
  }

  private static String sentence(Person who, Identity identity) {
    var wanted = identity.level() == IdentityLevel.NONE
        ? "Two papers are wanted that show who " + who.calledBy() + " is, one of them with a photo."
        : "One more paper is wanted that shows who " + who.calledBy()
            + " is; of two different kinds one must have a photo.";
    return String.join(
        " ",
        java.util.stream.Stream.concat(
                java.util.stream.Stream.of(wanted), identity.reasons().stream())
            .toList());
  }
}
