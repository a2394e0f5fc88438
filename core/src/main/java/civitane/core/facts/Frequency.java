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

  /** As it is said behind an amount: "a week", "a month". */
  public String inWords() {
    return switch (this) {
      case WEEKLY -> "a week";
      case FORTNIGHTLY -> "a fortnight";
      case FOUR_WEEKLY -> "every four weeks";
      case TWICE_MONTHLY -> "twice a month";
      case MONTHLY -> "a month";
      case QUARTERLY -> "a quarter";
      case YEARLY -> "a year";
      case ONCE -> "once";
    };
  }
}
