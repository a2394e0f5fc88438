package civitane.core.services.schoolmeals;

import civitane.core.facts.Word;

/** What a child's meals cost, the best first. */
public enum Tier implements Word {
  FREE,
  REDUCED,
  FULL
}
