package civitane.core.awards;

import civitane.core.facts.Frequency;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is granted.
 *
 * @param much how much: euros a period or once, weeks, points; null for what is not counted
 * @param from the first day; null where the decision's own day begins it
 * @param until the last day; null where it has no end
 * @param to to whom it goes
 * @param forWhom whom it is for; null for the household
 * @param details what more there is to say of it: the price of meals, the code of a list, adjustments one by one
 */
public record Award(
    What what,
    @Nullable Argument much,
    @Nullable LocalDate from,
    @Nullable LocalDate until,
    Recipient to,
    @Nullable Who forWhom,
    List<? extends Argument> details) {

  public Award {
    details = List.copyOf(details);
  }

  public static Award of(What what, Recipient to) {
    return new Award(what, null, null, null, to, null, List.of());
  }

  public static Award money(Argument.Money much, Recipient to) {
    return new Award(What.MONEY, much, null, null, to, null, List.of());
  }

  /** Whether it goes on on a day: as money a month does, and what was given once, or came to its end, does not. */
  public boolean runsOn(LocalDate day) {
    if (until != null) {
      return !until.isBefore(day);
    }
    return switch (what) {
      case MONEY -> much instanceof Argument.Money money && money.each() != Frequency.ONCE;
      case MEALS, WEEKS_OF_LEAVE, PLACE_ON_LIST, ADJUSTMENTS, INSTALMENTS -> true;
      case CERTIFICATE, NUMBER, NAME, HEARING, FIRST_CALL, IDENTITY -> false;
    };
  }

  public Award of(Argument number) {
    return new Award(what, number, from, until, to, forWhom, details);
  }

  public Award from(@Nullable LocalDate day) {
    return new Award(what, much, day, until, to, forWhom, details);
  }

  public Award until(@Nullable LocalDate day) {
    return new Award(what, much, from, day, to, forWhom, details);
  }

  public Award forWhom(Who person) {
    return new Award(what, much, from, until, to, person, details);
  }

  public Award with(Argument... more) {
    return new Award(what, much, from, until, to, forWhom, List.of(more));
  }
}
