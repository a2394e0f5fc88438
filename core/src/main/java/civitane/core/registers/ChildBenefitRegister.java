package civitane.core.registers;

/** For which children child benefit is received. Throws {@link RegisterSilent} when it does not answer. */
public interface ChildBenefitRegister {
  boolean isReceivedFor(String residentNumber);
}
