package civitane.core.facts;

/** Why a person has another name. */
public enum OtherNameKind implements Word {
  FORMER("former"),
  KNOWN("known");

  private final String word;

  OtherNameKind(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
