package civitane.core.services.decisionappeal;

import civitane.core.facts.Word;

/** What a disputed decision did. */
public enum DecidedKind implements Word {
  REFUSAL(false),
  REDUCTION(true),
  STOP(true),
  AMOUNT(false);

  private final boolean continuable;

  DecidedKind(boolean continuable) {
    this.continuable = continuable;
  }

  /** Whether what was paid before can go on until it is heard. */
  boolean isContinuable() {
    return continuable;
  }
}
