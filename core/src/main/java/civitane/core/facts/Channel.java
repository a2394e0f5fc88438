package civitane.core.facts;

/** How an application came in. */
public enum Channel implements Word {
  COUNTER("counter"),
  PHONE("phone"),
  POST("post"),
  ONLINE("online"),
  FILE("file");

  private final String word;

  Channel(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
