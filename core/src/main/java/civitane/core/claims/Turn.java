package civitane.core.claims;

import civitane.core.facts.Word;
import java.util.Collection;

/** Whose turn it is to do something. */
public enum Turn implements Word {
  OURS,
  HOUSEHOLD,
  THIRD_PARTY,
  OVER;

  /** Whose turn follows from the owners of the open items: ours when anything is ours, then the household's. */
  public static Turn of(Collection<Turn> owners) {
    for (var turn : values()) {
      if (owners.contains(turn)) {
        return turn;
      }
    }
    return OVER;
  }

  /** The clock runs only while it is our turn. */
  public boolean runsTheClock() {
    return this == OURS;
  }
}
