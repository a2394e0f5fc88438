package civitane.app.checking;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** How many questions a register has answered, and how many not yet. */
record Counted(long waiting, long answered, @Nullable Instant lastAnswerAt) {
  static final Counted NONE = new Counted(0, 0, null);
}
