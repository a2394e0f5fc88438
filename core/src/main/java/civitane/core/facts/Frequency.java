package civitane.core.facts;

/** How often an amount comes in or goes out. */
public enum Frequency implements Word {
  WEEKLY("weekly", 52),
  FORTNIGHTLY("fortnightly", 26),
  FOUR_WEEKLY("fourWeekly", 13),
  TWICE_MONTHLY("twiceMonthly", 24),
  MONTHLY("monthly", 12),
  QUARTERLY("quarterly", 4),
  YEARLY("yearly", 1),
  ONCE("once", 0);

  private final String word;
  private final int periods;

  Frequency(String word, int periods) {
    this.word = word;
    this.periods = periods;
  }

  @Override
  public String word() {
    return word;
  }

  /** Periods a year; 0 for what comes once and never recurs. */
  public int periods() {
    return periods;
  }
}
