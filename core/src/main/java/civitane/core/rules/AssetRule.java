package civitane.core.rules;

import civitane.core.income.Counted;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.util.function.Function;

/** Checks of what counted people own against a limit. */
public final class AssetRule {
  private AssetRule() {}

  /**
   * Met when what is owned is at most the limit; unknown while the birth date of somebody with something listed, or
   * something's value, is.
   *
   * @param owned the sum over the counted people; read only when every birth date that matters is known
   */
  public static Check atMost(
      Situation<?> it, String id, Counted counted, Function<Counted, Sum> owned, Amount limit) {
    var check = it.check(id).usesFact("/household/assets");
    var ageless = counted.owningWithoutBirthDate();
    for (var person : ageless) {
      check.needsFact(it.personPointer(person, "birthDate"), person.birthDate());
    }
    if (!ageless.isEmpty()) {
      return check.open();
    }
    var sum = owned.apply(counted);
    for (var pointer : sum.missing()) {
      check.needsFact(pointer, null);
    }
    var total = sum.known();
    if (sum.isKnown() || total.isAbove(limit)) {
      check
          .must(
              total.isWithin(limit),
              () -> Why.OWNED_OVER.with(
                  Argument.once(total), Argument.once(limit), Argument.once(total.minus(limit))))
          .changedBy(() -> Why.OWNED_LESS.with(Argument.once(total.minus(limit))))
          .comparing(total, limit);
    }
    return check.orMet(() -> Why.OWNED_WITHIN.with(
        Argument.once(total), Argument.once(limit), Argument.once(limit.minus(total))));
  }
}
