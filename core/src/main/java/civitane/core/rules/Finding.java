package civitane.core.rules;

import civitane.core.facts.Word;

/** How a request ends. */
public enum Finding implements Word {
  ENTITLED,
  NOT_ENTITLED,
  UNKNOWN
}
