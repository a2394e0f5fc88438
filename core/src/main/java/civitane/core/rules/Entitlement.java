package civitane.core.rules;

import civitane.core.facts.Word;

/** How a request ends. */
public enum Entitlement implements Word {
  ENTITLED("entitled"),
  NOT_ENTITLED("notEntitled"),
  UNKNOWN("unknown");

  private final String word;

  Entitlement(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
