package civitane.core.facts;

/** How often an amount comes in or goes out. */
public enum Frequency implements Word {
  WEEKLY(52),
  FORTNIGHTLY(26),
  FOUR_WEEKLY(13),
  TWICE_MONTHLY(24),
  MONTHLY(12),
  QUARTERLY(4),
  YEARLY(1),
  ONCE(0);

  private final int periods;

  Frequency(int periods) {
    this.periods = periods;
  }

  /** Periods a year; 0 for what comes once and never recurs. */
  public int periods() {
    return periods;
  }
}
