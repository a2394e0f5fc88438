package civitane.core.registers;

/** A register that does not answer now; it is asked again later, and nothing waits for it. */
public final class RegisterSilent extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public RegisterSilent(RegisterName register) {
    super("the " + register.word() + " register does not answer");
  }
}
