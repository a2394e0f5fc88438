package civitane.core.awards;

import civitane.core.facts.Frequency;
import civitane.core.reasons.Argument;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Whether a decision gives less than the one that stands: a smaller sum, fewer weeks, a higher price, an earlier end, or nothing. */
public final class Lessening {
  private Lessening() {}

  /** Whether something of what was given is not given any more, or less of it. */
  public static boolean is(List<Award> before, List<Award> after) {
    return before.stream()
        .filter(one -> one.to() != Recipient.OFFICE)
        .filter(one -> !isBesideWhatGoesOn(one, before))
        .anyMatch(
            one -> after.stream().noneMatch(other -> isSame(one, other) && !isLess(one, other)));
  }

  /** A sum once beside one that is paid each period, as for a first month: what goes on is what counts. */
  private static boolean isBesideWhatGoesOn(Award award, List<Award> all) {
    return each(award) == Frequency.ONCE
        && all.stream()
            .anyMatch(other -> other.what() == award.what()
                && other.to() == award.to()
                && each(other) != Frequency.ONCE);
  }

  private static Frequency each(Award award) {
    return award.much() instanceof Argument.Money money ? money.each() : Frequency.ONCE;
  }

  private static boolean isSame(Award one, Award other) {
    return one.what() == other.what()
        && one.to() == other.to()
        && each(one) == each(other)
        && Objects.equals(whom(one), whom(other));
  }

  private static String whom(Award award) {
    var who = award.forWhom();
    return who == null ? "" : Objects.requireNonNullElse(who.name(), who.id());
  }

  private static boolean isLess(Award before, Award after) {
    return isSmaller(before.much(), after.much())
        || endsSooner(before, after)
        || costsMore(before, after);
  }

  private static boolean isSmaller(@Nullable Argument before, @Nullable Argument after) {
    if (before instanceof Argument.Money was && after instanceof Argument.Money is) {
      return was.amount().compareTo(is.amount()) > 0;
    }
    return before instanceof Argument.Quantity was
        && after instanceof Argument.Quantity is
        && was.number().compareTo(is.number()) > 0;
  }

  private static boolean endsSooner(Award before, Award after) {
    return after.until() != null
        && (before.until() == null || after.until().isBefore(before.until()));
  }

  /** Prices of meals stand in the order from free to full. */
  private static boolean costsMore(Award before, Award after) {
    return before.what() == What.MEALS
        && price(before) instanceof Enum<?> was
        && price(after) instanceof Enum<?> is
        && is.ordinal() > was.ordinal();
  }

  private static @Nullable Object price(Award award) {
    return award.details().stream()
        .filter(Argument.Term.class::isInstance)
        .map(term -> ((Argument.Term) term).word())
        .findFirst()
        .orElse(null);
  }
}
