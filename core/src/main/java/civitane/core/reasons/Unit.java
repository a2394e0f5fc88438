package civitane.core.reasons;

import civitane.core.facts.Word;

/** What a number counts. */
public enum Unit implements Word {
  /** Whatever the sentence names. */
  COUNT,
  DAYS,
  WEEKS,
  MONTHS,
  YEARS,
  PERCENT,
  POINTS
}
