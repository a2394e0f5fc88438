package civitane.core.claims;

import civitane.core.reasons.Reason;

/** What became of a move: the next claim and what happened, or why it can't be made. */
public sealed interface Moved {

  record Done(Claim claim, Happened happened) implements Moved {}

  record Refused(Reason because) implements Moved {}
}
