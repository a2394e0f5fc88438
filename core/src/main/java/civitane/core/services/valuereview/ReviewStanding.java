package civitane.core.services.valuereview;

import civitane.core.facts.Word;

/** Who asks for a review. */
public enum ReviewStanding implements Word {
  OWNER,
  REPRESENTATIVE,
  NEW_OWNER
}
