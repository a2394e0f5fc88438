package civitane.core.services.clearrecord;

import civitane.core.facts.Word;

/** How a certificate gets to the person. */
public enum Delivery implements Word {
  COUNTER,
  POST,
  POST_ABROAD
}
