package civitane.core.awards;

import civitane.core.facts.Word;

/** What a decision gives. */
public enum What implements Word {
  MONEY,
  MEALS,
  WEEKS_OF_LEAVE,
  PLACE_ON_LIST,
  ADJUSTMENTS,
  CERTIFICATE,
  NUMBER,
  NAME,
  HEARING,
  FIRST_CALL,
  INSTALMENTS,
  IDENTITY
}
