package civitane.core.claims;

import civitane.core.facts.Word;

/** What a caseworker writes to a household most often; said in every language, so that it is read in the reader's. */
public enum Phrase implements Word {
  /** What they sent arrived and is being looked at. */
  ARRIVED,
  NOTHING_NEEDED,
  LETTER_COMES,
  PLEASE_CALL,
  PLEASE_COME,
  WE_CALL
}
