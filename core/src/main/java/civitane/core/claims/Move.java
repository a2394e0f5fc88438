package civitane.core.claims;

import civitane.core.facts.Word;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What can be done with a claim, in which states, and what state follows: the one table of moves. */
public enum Move implements Word {
  LODGE(null, ClaimState.LODGED),
  TAKE_UP(states(ClaimState.LODGED, ClaimState.OPEN), ClaimState.OPEN),
  HAND_OVER(states(ClaimState.OPEN, ClaimState.RUNNING), null),
  /** What the rules find wanting now; what they do not miss any more is dropped. */
  WANT(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** The household is asked, in one letter, for what it is to bring. */
  ASK(states(ClaimState.OPEN), null),
  ANSWER(states(ClaimState.LODGED, ClaimState.OPEN), null),
  ACCEPT(states(ClaimState.LODGED, ClaimState.OPEN), null),
  GIVE_BACK(states(ClaimState.OPEN), null),
  MORE_TIME(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** What others have to do by a day on which the office is closed can be done on the next. */
  CLOSED_DAYS(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** The day an answer should come before is noted, or is none any more. */
  OUTSIDE_DATE(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** The household wishes that it is hurried. */
  WISH(states(ClaimState.LODGED, ClaimState.OPEN), null),
  ANSWER_WISH(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** It is found to have reached the office on another day. */
  REACHED_OTHERWISE(states(ClaimState.LODGED, ClaimState.OPEN), null),
  ANSWER_REACHED(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** Something comes up that somebody has to look at. */
  SURFACE(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** The household says something. */
  HEAR(states(ClaimState.LODGED, ClaimState.OPEN), null),
  /** The office writes to the household, whatever has become of the claim. */
  WRITE_TO(EnumSet.allOf(ClaimState.class), null),
  /** The household is told that it would get less, before that is decided. */
  GIVE_NOTICE(states(ClaimState.OPEN), null),
  DECIDE(states(ClaimState.OPEN), ClaimState.DECIDED),
  SECOND_SIGN(states(ClaimState.OPEN), ClaimState.DECIDED),
  /** A decision against the second signature, or one taken back before its letter left. */
  SEND_BACK(states(ClaimState.OPEN, ClaimState.DECIDED), ClaimState.OPEN),
  RUN(states(ClaimState.DECIDED), ClaimState.RUNNING),
  REPORT_CHANGE(states(ClaimState.RUNNING, ClaimState.DECIDED), ClaimState.OPEN),
  RENEW(states(ClaimState.RUNNING, ClaimState.DECIDED), ClaimState.OPEN),
  WITHDRAW(states(ClaimState.LODGED, ClaimState.OPEN), ClaimState.WITHDRAWN),
  LAPSE(states(ClaimState.OPEN), ClaimState.LAPSED),
  CLOSE(states(ClaimState.DECIDED, ClaimState.RUNNING), ClaimState.CLOSED),
  OPEN_AGAIN(
      states(
          ClaimState.DECIDED,
          ClaimState.RUNNING,
          ClaimState.WITHDRAWN,
          ClaimState.LAPSED,
          ClaimState.CLOSED),
      ClaimState.OPEN),
  /** Something to know that changes nothing. */
  NOTE(EnumSet.allOf(ClaimState.class), null);

  private final @Nullable Set<ClaimState> from;
  private final @Nullable ClaimState to;

  Move(@Nullable Set<ClaimState> from, @Nullable ClaimState to) {
    this.from = from;
    this.to = to;
  }

  private static Set<ClaimState> states(ClaimState first, ClaimState... others) {
    return EnumSet.of(first, others);
  }

  public boolean isPossibleIn(ClaimState state) {
    return from != null && from.contains(state);
  }

  /** The state that follows; none where it stays as it is. */
  public Optional<ClaimState> to() {
    return Optional.ofNullable(to);
  }
}
