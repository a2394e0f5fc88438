package civitane.core.facts;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a person can be reached, which ways are safe, and how to speak with them. An absent answer is no permission.
 *
 * @param ways further phones and addresses, each safe or not
 * @param speaks the language they speak, in words
 * @param reads the language they read, in words
 */
public record Contact(
    @Nullable String phone,
    @Nullable String email,
    @Nullable Boolean mayCall,
    @Nullable Boolean mayText,
    @Nullable Boolean mayWrite,
    @Nullable String bestTime,
    List<Way> ways,
    @Nullable String speaks,
    @Nullable String reads,
    boolean interpreter,
    @Nullable ReadingFormat format) {

  public Contact {
    ways = Lists.of(ways);
  }

  /** One who is reached by phone, by mail, or not at all. */
  public static Contact by(@Nullable String phone, @Nullable String email) {
    return new Contact(phone, email, null, null, null, null, List.of(), null, null, false, null);
  }
}
