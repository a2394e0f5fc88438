package civitane.core.rates;

/** A rate book that can't be used, with the place in it. */
public final class RateBookFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public RateBookFault(String message) {
    super("rate book: " + message);
  }
}
