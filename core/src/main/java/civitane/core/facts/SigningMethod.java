package civitane.core.facts;

/** How a signature was given. */
public enum SigningMethod implements Word {
  SCREEN("screen"),
  PEN("pen"),
  MARK("mark");

  private final String word;

  SigningMethod(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
