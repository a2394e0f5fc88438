package civitane.core.facts;

/** How a signature was given. */
public enum SigningMethod implements Word {
  SCREEN("screen"),
  PEN("pen"),
  /** Statements read out and answered one by one, as on the phone. */
  SPOKEN("spoken"),
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
