package civitane.core.rules;

import civitane.core.income.Counted;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import java.util.function.Function;

/** Tests of what counted people own against a limit. */
public final class AssetTest {
  private AssetTest() {}

  /**
   * Met when what is owned is at most the limit; unknown while the birth date of somebody with something listed, or
   * something's value, is.
   *
   * @param what what is added up, as in "Savings and accounts"
   * @param owned the sum over the counted people; read only when every birth date is known
   */
  public static Test atMost(
      Situation it,
      String id,
      Counted counted,
      String what,
      Function<Counted, Sum> owned,
      Amount limit) {
    var check = it.check(id);
    check.usesFact("/household/assets");
    var ageless = counted.owningWithoutBirthDate();
    for (var person : ageless) {
      check.needsFact(it.personPointer(person, "birthDate"), person.birthDate());
    }
    if (!ageless.isEmpty()) {
      return check.orMet(() -> "");
    }
    var sum = owned.apply(counted);
    check.lacks(sum.missing());
    if (sum.isKnown() || sum.known().isAbove(limit)) {
      var total = sum.known();
      check
          .must(
              total.isWithin(limit),
              () -> what + " of " + total + " are over the limit of " + limit + ", by "
                  + total.minus(limit) + ".")
          .comparing(total, limit)
          .changedBy(() -> what + " lower by " + total.minus(limit) + " would meet it.");
    }
    return check.orMet(() -> what + " of " + sum.known() + " are within the limit of " + limit
        + ", by " + limit.minus(sum.known()) + ".");
  }
}
