package civitane.core.services.estateauthority;

import civitane.core.facts.Word;

/** How an estate is settled, by its value. */
public enum EstateKind implements Word {
  SIMPLIFIED,
  FULL
}
