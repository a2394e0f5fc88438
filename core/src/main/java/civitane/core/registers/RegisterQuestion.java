package civitane.core.registers;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What a register is asked.
 *
 * @param about columns of the register with what is sought in them
 */
public record RegisterQuestion(RegisterName register, SortedMap<String, String> about) {
  public static RegisterQuestion of(RegisterName register, Map<String, String> about) {
    return new RegisterQuestion(register, new TreeMap<>(about));
  }

  /** Whether a row is about what is asked: a register that mixes things up must not be believed. */
  public boolean isAnsweredBy(RegisterRow row) {
    return about.entrySet().stream()
        .allMatch(asked ->
            row.isSilentOn(asked.getKey()) || row.text(asked.getKey()).equals(asked.getValue()));
  }
}
