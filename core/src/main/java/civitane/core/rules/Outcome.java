package civitane.core.rules;

import civitane.core.facts.Word;

/** How a test ends. */
public enum Outcome implements Word {
  MET("met"),
  NOT_MET("notMet"),
  /** A fact it needs is missing, or two facts contradict each other. */
  UNKNOWN("unknown"),
  NOT_APPLICABLE("notApplicable");

  private final String word;

  Outcome(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
