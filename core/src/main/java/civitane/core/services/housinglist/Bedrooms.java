package civitane.core.services.housinglist;

import civitane.core.facts.Household;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Sex;
import civitane.core.income.Counted;
import org.jspecify.annotations.Nullable;

/** How many bedrooms a household needs; every birth date must be known. */
final class Bedrooms {
  /** Under this age children share whatever their sex. */
  private static final int SHARE_UNDER = 10;

  private Bedrooms() {}

  /** One for the couple, one for each other adult and each resident carer, and as few as can be for children. */
  static int needed(Counted counted, Household household) {
    var rooms = 1 + carers(household);
    var older = new int[Sex.values().length + 1];
    var younger = new int[Sex.values().length + 1];
    var expected = counted.size() - counted.people().size();
    younger[index(null)] += expected;
    var children = expected;
    for (var person : counted.people()) {
      if (person.role() == Role.APPLICANT || person.role() == Role.SPOUSE) {
        continue;
      }
      if (counted.isAdult(person)) {
        rooms++;
      } else {
        children++;
        (counted.age(person) < SHARE_UNDER ? younger : older)[index(person.sex())]++;
      }
    }
    return rooms + children - pairs(older, younger);
  }

  private static int carers(Household household) {
    return (int) household.people().stream()
        .filter(person -> person.role() == Role.RESIDENT_CARER)
        .filter(Person::livesHere)
        .count();
  }

  private static int index(@Nullable Sex sex) {
    return sex == null ? Sex.values().length : sex.ordinal();
  }

  /** The most pairs that can share: older children of one sex first, one left over with a younger of the same, then the younger. */
  private static int pairs(int[] older, int[] younger) {
    var pairs = 0;
    for (var sex : new Sex[] {Sex.F, Sex.M}) {
      var i = index(sex);
      pairs += older[i] / 2;
      if (older[i] % 2 == 1 && younger[i] > 0) {
        pairs++;
        younger[i]--;
      }
    }
    var left = 0;
    for (var count : younger) {
      left += count;
    }
    return pairs + left / 2;
  }
}
