package civitane.core.services.valuereview;

import civitane.core.facts.Word;

/** The class of a property. */
public enum PropertyClass implements Word {
  RESIDENTIAL,
  COMMERCIAL,
  VACANT,
  AGRICULTURAL,
  INDUSTRIAL
}
