package civitane.core.registers;

import java.util.List;

/** Whoever carries questions to registers and brings their answers back. */
public interface Registers {
  /**
   * The rows that a register has on what is asked; none where it knows nothing.
   *
   * <p>Throws {@link RegisterSilent} when it does not answer, or answers about somebody else.
   */
  List<RegisterRow> ask(RegisterQuestion question);
}
