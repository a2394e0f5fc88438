package civitane.core.claims;

import civitane.core.reasons.Argument;
import civitane.core.reasons.Parameter;
import civitane.core.reasons.Reason;
import civitane.core.reasons.ReasonCode;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.number;

/** Where a claim stands, in one line for the people it is about. */
public enum Stands implements ReasonCode {
  /** Nobody has taken it up yet. */
  LODGED(date("lodged"), date("due")),
  WITH_US(date("due")),
  WITH_US_LATE(date("due")),
  WITH_YOU(number("count"), date("until")),
  WITH_OTHERS(date("until")),
  /** It is decided, and the letter that says how has not gone out. */
  LETTER_COMES,
  GRANTED(date("on")),
  REFUSED(date("on")),
  WITHDRAWN,
  /** It came to nothing: what was asked for never came. */
  LAPSED;

  private final List<Parameter> parameters;

  Stands(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "standing";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** The line of a claim on a day. */
  public static Reason of(Claim claim, LocalDate today) {
    return switch (claim.state()) {
      case WITHDRAWN -> WITHDRAWN.with();
      case LAPSED, CLOSED -> LAPSED.with();
      case DECIDED, RUNNING ->
        claim
            .decision()
            .map(one -> (one.grants() ? GRANTED : REFUSED).with(Argument.day(one.on())))
            .orElseGet(LAPSED::with);
      case LODGED -> LODGED.with(Argument.day(claim.lodgedOn()), Argument.day(claim.dueOn(today)));
      case DRAFTING, OPEN -> open(claim, today);
    };
  }

  private static Reason open(Claim claim, LocalDate today) {
    return switch (claim.turn()) {
      case HOUSEHOLD ->
        WITH_YOU.with(
            Argument.count(theirs(claim, Turn.HOUSEHOLD).size()),
            Argument.day(soonest(claim, Turn.HOUSEHOLD, today)));
      case THIRD_PARTY -> WITH_OTHERS.with(Argument.day(soonest(claim, Turn.THIRD_PARTY, today)));
      case OURS, OVER -> {
        var due = claim.dueOn(today);
        yield (due.isBefore(today) ? WITH_US_LATE : WITH_US).with(Argument.day(due));
      }
    };
  }

  private static List<Item> theirs(Claim claim, Turn owner) {
    return claim.live().stream().filter(item -> item.turn() == owner).toList();
  }

  private static LocalDate soonest(Claim claim, Turn owner, LocalDate today) {
    return theirs(claim, owner).stream()
        .map(Item::dueOn)
        .min(Comparator.naturalOrder())
        .orElse(claim.dueOn(today));
  }
}
