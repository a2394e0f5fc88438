package civitane.core.facts;

import java.util.ArrayList;
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

  /** Where a message may be sent to that only they read, what was named first first; empty where nothing was said to be safe. */
  public List<Way> safeForMessages() {
    var safe = new ArrayList<Way>();
    if (phone != null && Boolean.TRUE.equals(mayText)) {
      safe.add(new Way(WayKind.PHONE, phone, true, null));
    }
    if (email != null && Boolean.TRUE.equals(mayWrite)) {
      safe.add(new Way(WayKind.MAIL, email, true, null));
    }
    ways.stream()
        .filter(way -> way.kind() != WayKind.ADDRESS && way.at() != null)
        .filter(way -> Boolean.TRUE.equals(way.safe()))
        .forEach(safe::add);
    return List.copyOf(safe);
  }
}
