package civitane.core.matching;

import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Mail addresses that look mistyped. */
final class MailAddress {
  private static final Pattern WRITTEN = Pattern.compile("[^@\\s]+@[^@\\s]+\\.[^@\\s]+");

  /** The domains most people of the district write from. */
  private static final List<String> USUAL =
      List.of("brackwater.example", "delta-post.example", "hythe-mail.example");

  private static final int SLIPS = 2;

  private MailAddress() {}

  /** What looks wrong; empty when nothing does. */
  static Optional<Reason> doubt(String address) {
    if (!WRITTEN.matcher(address).matches()) {
      return Optional.of(Why.MAIL_NOT_WRITTEN.with(Argument.told(address)));
    }
    var at = address.indexOf('@');
    var domain = address.substring(at + 1).toLowerCase(Locale.ROOT);
    return USUAL.stream()
        .filter(usual -> !usual.equals(domain) && slips(usual, domain) <= SLIPS)
        .findFirst()
        .map(usual -> Why.MAIL_PERHAPS.with(Argument.told(address.substring(0, at + 1) + usual)));
  }

  /** How many letters must be changed, left out or put in, or exchanged with the next, to make one of the other. */
  private static int slips(String one, String other) {
    var rows = new int[one.length() + 1][other.length() + 1];
    for (var i = 0; i <= one.length(); i++) {
      for (var j = 0; j <= other.length(); j++) {
        if (i == 0 || j == 0) {
          rows[i][j] = i + j;
          continue;
        }
        var change = rows[i - 1][j - 1] + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
        rows[i][j] = Math.min(change, Math.min(rows[i - 1][j], rows[i][j - 1]) + 1);
        if (i > 1
            && j > 1
            && one.charAt(i - 1) == other.charAt(j - 2)
            && one.charAt(i - 2) == other.charAt(j - 1)) {
          rows[i][j] = Math.min(rows[i][j], rows[i - 2][j - 2] + 1);
        }
      }
    }
    return rows[one.length()][other.length()];
  }
}
