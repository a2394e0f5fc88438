package civitane.core.services.legaladvice;

import civitane.core.facts.Word;

/** What can't wait, and whether it has a date. */
public enum UrgentKind implements Word {
  HEARING(true),
  DEADLINE(true),
  SALE(true),
  SERVED(false),
  DETAINED(false),
  EVICTION(false),
  UNSAFE(false);

  private final boolean dated;

  UrgentKind(boolean dated) {
    this.dated = dated;
  }

  boolean isDated() {
    return dated;
  }
}
