package civitane.app.registers;

import civitane.core.registers.ChildBenefitRegister;
import java.util.List;
import org.springframework.stereotype.Component;

@Component
class StandInChildBenefit implements ChildBenefitRegister {
  static final String NAME = "child-benefit";

  private final RegisterCalls calls;
  private final List<String> children = RegisterFile.rows(NAME, row -> row.get("residentNumber"));

  StandInChildBenefit(RegisterCalls calls) {
    this.calls = calls;
  }

  @Override
  public boolean isReceivedFor(String residentNumber) {
    return calls.ask(NAME, () -> children.contains(residentNumber));
  }
}
