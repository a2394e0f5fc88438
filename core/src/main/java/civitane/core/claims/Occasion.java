package civitane.core.claims;

import civitane.core.facts.Word;

/** What happens on a day that nobody here decides on, and before which an answer is worth most. */
public enum Occasion implements Word {
  HOME_LOST,
  SALE,
  HEARING,
  SUPPLY_ENDED,
  TRAVEL,
  TERM,
  TREATMENT
}
