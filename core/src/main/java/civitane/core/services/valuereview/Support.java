package civitane.core.services.valuereview;

import civitane.core.facts.Word;

/** How far comparable sales support what is asked. */
public enum Support implements Word {
  FULL,
  PART,
  NONE
}
