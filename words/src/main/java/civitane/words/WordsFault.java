package civitane.words;

/** Words that are missing, or that can't be read. */
public final class WordsFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  WordsFault(String message) {
    super(message);
  }
}
