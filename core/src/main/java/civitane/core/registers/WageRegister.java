package civitane.core.registers;

import java.time.LocalDate;
import java.util.List;

/** What employers report. Throws {@link RegisterSilent} when it does not answer. */
public interface WageRegister {
  List<Wage> wages(String residentNumber);

  /** What each employer reported for the last completed calendar quarters before a day, the earliest first. */
  List<WageQuarters> quarters(String residentNumber, LocalDate before);
}
