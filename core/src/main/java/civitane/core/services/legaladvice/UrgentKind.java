package civitane.core.services.legaladvice;

import civitane.core.facts.Word;

/** What can't wait, and whether it has a date. */
public enum UrgentKind implements Word {
  HEARING(UrgentQuestion.A_DATE, true),
  DEADLINE(UrgentQuestion.A_DATE, true),
  SALE(UrgentQuestion.THE_HOME, true),
  SERVED(UrgentQuestion.A_DATE, false),
  DETAINED(UrgentQuestion.SOMEBODY, false),
  EVICTION(UrgentQuestion.THE_HOME, false),
  UNSAFE(UrgentQuestion.SOMEBODY, false);

  private final UrgentQuestion question;
  private final boolean dated;

  UrgentKind(UrgentQuestion question, boolean dated) {
    this.question = question;
    this.dated = dated;
  }

  @Override
  public UrgentQuestion under() {
    return question;
  }

  boolean isDated() {
    return dated;
  }
}
