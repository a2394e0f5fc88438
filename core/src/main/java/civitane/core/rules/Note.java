package civitane.core.rules;

import civitane.core.reasons.Reason;

/** Something to know beside the outcome. */
public record Note(Reason reason) {

  /** The note's code, as in {@code irregular}. */
  public String code() {
    return reason.code().key();
  }
}
