package civitane.core.claims;

import civitane.core.reasons.Reason;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something a claim still wants.
 *
 * @param subject what it is about: a fact or a paper as the rules call it
 * @param reasons why it is wanted, and what would settle it
 */
public record Want(ItemKind kind, String subject, List<Reason> reasons, Turn owner) {
  public Want {
    reasons = List.copyOf(reasons);
  }

  /** The household's wish that its claim goes before others. */
  public static final String HURRY = "hurry";

  /** That the claim reached the office on another day than was noted; with the login of whoever found it. */
  public static final String REACHED = "reached:";

  /** What people find open, taking an application or looking at what was said; the rules know nothing of it. */
  private static final Set<String> FOUND_BY_PEOPLE = Stream.of(
          Why.ILLEGIBLE,
          Why.LEFT_BLANK,
          Why.UNCONFIRMED,
          Why.TO_SIGN,
          Why.TOLD_BY_OTHERS,
          Why.TOLD_OF_THE_OFFICE,
          Why.PAPERS_SAY_OTHERWISE,
          Why.REGISTER_SAYS_OTHERWISE,
          Why.CONTRADICTS,
          Why.PERIOD_LOOKS_WRONG)
      .map(Why::code)
      .collect(Collectors.toUnmodifiableSet());

  private static final Set<String> HEARSAY =
      Set.of(Why.TOLD_BY_OTHERS.code(), Why.TOLD_OF_THE_OFFICE.code());

  /** Whether people found it open, so that asking the rules again says nothing of it. */
  public boolean isFoundByPeople() {
    return reasons.stream()
        .anyMatch(reason -> FOUND_BY_PEOPLE.contains(reason.code().code()));
  }

  /** That two things which should be the same are not; with what was compared. */
  public static final String COMPARE = "compare:";

  /** Whether it is that two things which should be the same are not. */
  public boolean isComparison() {
    return subject.startsWith(COMPARE);
  }

  /** That somebody does not act for the household any more; with the subject it is about. */
  public static final String ACTING = "acting:";

  /** That somebody applied for the household, and nobody has seen by what right; with the subject it is about. */
  public static final String ACTS = "acts:";

  /** That a letter to the household came back undelivered; with what is held back since. */
  public static final String POST = "post:";

  /** That the household wrote something that nobody has answered; with the message it began with. */
  public static final String WROTE = "wrote:";

  /** That somebody to whom the claim is told says that it is not theirs. */
  public static final String NOT_THEIRS = "notTheirs:";

  /** That a message did not reach the household; with the message. */
  public static final String UNREACHED = "unreached:";

  /** That whoever applied has died, and nobody says yet who goes on; with who it was. */
  public static final String DIED = "died:";

  /** That somebody who applied from elsewhere may be known already; with the application. */
  public static final String ALIKE = "alike:";

  /** That the household did not come when it was expected. */
  public static final String MISSED = "missed:";

  /** That what is worked out gives less than the decision of a number, and the household is to be told first. */
  public static final String GIVES_LESS = "givesLess:";

  /** That the household has time to say what is wrong, before less is given than by the decision of a number. */
  public static final String NOTICED = "noticed:";

  /** Whether it is about the claim itself, so that no rule says that it is not wanted any more. */
  public boolean isOfTheClaim() {
    return kind == ItemKind.JUDGEMENT
        && (subject.equals(HURRY)
            || subject.startsWith(REACHED)
            || subject.startsWith(ACTING)
            || subject.startsWith(ACTS)
            || subject.startsWith(POST)
            || subject.startsWith(WROTE)
            || subject.startsWith(NOT_THEIRS)
            || subject.startsWith(UNREACHED)
            || subject.startsWith(MISSED)
            || subject.startsWith(ALIKE)
            || subject.startsWith(DIED)
            || subject.startsWith(GIVES_LESS)
            || subject.startsWith(NOTICED));
  }

  /** Whether the household said it, and nobody has answered. */
  public boolean isSaidByHousehold() {
    return subject.startsWith(WROTE) || subject.startsWith(NOT_THEIRS);
  }

  /** Whether it was only told, and waits for whoever's word counts. */
  public boolean isHearsay() {
    return reasons.stream().anyMatch(reason -> HEARSAY.contains(reason.code().code()));
  }

  /** The same, named otherwise. */
  public Want about(String other) {
    return new Want(kind, other, reasons, owner);
  }

  /** Whether it wants the same thing, however it is told. */
  boolean isSameAs(Want other) {
    return kind == other.kind && subject.equals(other.subject);
  }
}
