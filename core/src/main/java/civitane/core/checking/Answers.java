package civitane.core.checking;

import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import java.util.List;
import java.util.Optional;

/** What registers have answered so far. */
@FunctionalInterface
public interface Answers {
  /** The rows of the newest answer to a question; empty where there is none yet. */
  Optional<List<RegisterRow>> to(RegisterQuestion question);
}
