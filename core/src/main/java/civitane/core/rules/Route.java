package civitane.core.rules;

import civitane.core.facts.Word;

/** Where a request goes that can't be decided at the desk. */
public enum Route implements Word {
  /** It must not wait in a queue. */
  URGENT_LINE,
  /** A person's disability is assessed first. */
  ASSESSMENT
}
