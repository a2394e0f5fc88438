package civitane.core.rules;

import civitane.core.facts.Paper;
import civitane.core.facts.Person;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** ID: it is shown who somebody is. */
public final class IdentityRule {
  private IdentityRule() {}

  public static Identity of(Situation<?> it, Person person) {
    return Identity.of(
        it.household(), person, it.packet().papers(), it.asOf(), it.rates().recentDays());
  }

  public static Check standard(Situation<?> it, Person person) {
    return reaching(it, Optional.of(person), IdentityLevel.STANDARD);
  }

  /** The check for the person an answer names; unknown while nobody is named. */
  public static Check standard(Situation<?> it, Optional<Person> person) {
    return reaching(it, person, IdentityLevel.STANDARD);
  }

  public static Check reaching(Situation<?> it, Optional<Person> person, IdentityLevel wanted) {
    if (person.isEmpty()) {
      return it.check("ID").needs("person", null).open();
    }
    var who = it.who(person.get());
    var identity = of(it, person.get());
    if (identity.level().compareTo(wanted) <= 0) {
      return it.check("ID")
          .met(Why.IDENTITY_SHOWN.with(
              who,
              Argument.terms(identity.speaking().stream()
                  .map(Paper::kind)
                  .distinct()
                  .sorted()
                  .toList())));
    }
    var reasons = new ArrayList<Reason>();
    reasons.add(
        (identity.level() == IdentityLevel.NONE ? Why.IDENTITY_TWO_WANTED : Why.IDENTITY_ONE_MORE)
            .with(who));
    reasons.addAll(identity.objections());
    return it.check("ID")
        .lacks(List.of(new Missing("identity:" + who.id(), "wanted.identity", null, who)))
        .unknown(reasons);
  }
}
