package civitane.core.services.clearrecord;

import civitane.core.facts.Word;

/** Who fetches a certificate. */
public enum Collector implements Word {
  SELF,
  OTHER
}
