package civitane.core.claims;

/** A change of state that the table of transitions does not allow. */
public final class IllegalTransition extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public IllegalTransition(ClaimState from, ClaimState to) {
    super("a claim that is " + from.word() + " can't become " + to.word());
  }
}
