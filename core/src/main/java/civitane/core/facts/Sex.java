package civitane.core.facts;

/** A person's sex as the papers say it. */
public enum Sex implements Word {
  F("F"),
  M("M"),
  X("X");

  private final String word;

  Sex(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
