package civitane.core.claims;

import civitane.core.identity.CheckDigits;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The number of a claim, as in {@code BW-26-004217-1}: year, running number of six digits or more, and a Luhn digit over both.
 *
 * @param year the last two digits of the year
 */
public record ClaimNumber(int year, int running) {
  private static final Pattern WRITTEN =
      Pattern.compile("BW-(\\d{2})-(\\d{6}|[1-9]\\d{6,8})-(\\d)");

  /** Reads a number as written; none when its form or check digit is wrong. */
  public static Optional<ClaimNumber> parse(String text) {
    var matcher = WRITTEN.matcher(text.strip().toUpperCase(java.util.Locale.ROOT));
    if (!matcher.matches()) {
      return Optional.empty();
    }
    var number =
        new ClaimNumber(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    return number.toString().endsWith(matcher.group(3)) ? Optional.of(number) : Optional.empty();
  }

  @Override
  public String toString() {
    var digits = String.format(Locale.ROOT, "%02d%06d", year, running);
    return String.format(Locale.ROOT, "BW-%02d-%06d-%d", year, running, CheckDigits.of(digits));
  }
}
