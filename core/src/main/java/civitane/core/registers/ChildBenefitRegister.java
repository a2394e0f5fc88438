package civitane.core.registers;

import java.util.Map;

/** For which children child benefit is received. Throws {@link RegisterSilent} when it does not answer. */
public final class ChildBenefitRegister {
  private final Registers registers;

  public ChildBenefitRegister(Registers registers) {
    this.registers = registers;
  }

  public boolean isReceivedFor(String residentNumber) {
    var asked = Map.of("residentNumber", residentNumber);
    return !registers
        .ask(RegisterQuestion.of(RegisterName.CHILD_BENEFIT, asked))
        .isEmpty();
  }
}
