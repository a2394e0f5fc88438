package civitane.core.facts;

/** Why somebody who belongs to the household is elsewhere for a time. */
public enum AwayReason implements Word {
  STUDY("study"),
  WORK("work"),
  HOSPITAL("hospital");

  private final String word;

  AwayReason(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
