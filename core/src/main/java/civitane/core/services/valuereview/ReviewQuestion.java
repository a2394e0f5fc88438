package civitane.core.services.valuereview;

import civitane.core.facts.Word;

/** The questions by which somebody is asked why a value is disputed. */
public enum ReviewQuestion implements Word {
  OTHERS_COST,
  RECORD_WRONG,
  THE_PLACE
}
