package civitane.core.claims;

import civitane.core.facts.Word;

/** What has become of an item. */
public enum ItemState implements Word {
  OPEN,
  /** Something came, and the office has to look at it. */
  ANSWERED,
  ACCEPTED,
  /** What came does not settle it; it is asked for again. */
  RETURNED,
  NO_LONGER_NEEDED;

  /** Whether somebody still has to do something about it. */
  public boolean isLive() {
    return this == OPEN || this == ANSWERED || this == RETURNED;
  }
}
