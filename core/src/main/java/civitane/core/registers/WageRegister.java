package civitane.core.registers;

import java.util.List;

/** What employers report. Throws {@link RegisterSilent} when it does not answer. */
public interface WageRegister {
  List<Wage> wages(String residentNumber);
}
