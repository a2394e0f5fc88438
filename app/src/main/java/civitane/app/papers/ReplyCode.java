package civitane.app.papers;

import org.jspecify.annotations.Nullable;

/**
 * A code of ours on something that comes back.
 *
 * @param code of the letter or form
 * @param item which item of the claim lies behind it; null where the code is on the letter or form itself
 */
public record ReplyCode(String code, @Nullable Integer item) {
  /** Whether it is on a sheet that only says what lies behind it, and is no paper of its own. */
  boolean isSheet() {
    return item != null;
  }
}
