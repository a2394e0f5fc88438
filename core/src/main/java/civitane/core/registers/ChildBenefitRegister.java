package civitane.core.registers;

import java.util.Map;

/** For which children child benefit is received. Throws {@link RegisterSilent} when it does not answer. */
public final class ChildBenefitRegister {
  private final Registers registers;

  public ChildBenefitRegister(Registers registers) {
    this.registers = registers;
  }

  public boolean isReceivedFor(String residentNumber) {
    return !registers.ask(question(residentNumber)).isEmpty();
  }

  /** The question whether it is received for a child; an answer without rows says that it is not. */
  public static RegisterQuestion question(String residentNumber) {
    return RegisterQuestion.of(
        RegisterName.CHILD_BENEFIT, Map.of("residentNumber", residentNumber));
  }
}
