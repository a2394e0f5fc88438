package civitane.app.once;

import org.jspecify.annotations.Nullable;

/** It was done before under this key; whoever asks gets the answer of then. */
final class DoneBefore extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient KeptAnswer answer;

  DoneBefore(KeptAnswer answer) {
    super("done before", null, false, false);
    this.answer = answer;
  }

  KeptAnswer answer() {
    return answer;
  }

  /**
   * An answer as it was sent.
   *
   * @param tag the version of what it shows, where it has one
   */
  @SuppressWarnings("ArrayRecordComponent")
  record KeptAnswer(int status, @Nullable String tag, byte[] body) {}
}
