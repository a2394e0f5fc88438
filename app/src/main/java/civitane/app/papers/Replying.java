package civitane.app.papers;

import java.util.Optional;

/** Something that goes out with a code and may come back. */
public interface Replying {
  /** Where what carries a code belongs; empty where the code is none of these, or nothing has been lodged yet. */
  Optional<Reply> to(ReplyCode code);

  /** Notes, within the transaction that files it, that it has come. */
  void came(ReplyCode code);
}
