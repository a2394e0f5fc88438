package civitane.core.services.valuereview;

import civitane.core.facts.Word;

/** How somebody wants to be heard. */
public enum Appearance implements Word {
  PHONE,
  IN_PERSON,
  WRITING
}
