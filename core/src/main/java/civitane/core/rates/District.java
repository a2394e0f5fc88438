package civitane.core.rates;

/** The postcodes of the district: a prefix and a number between two others, both included. */
public record District(String prefix, int from, int to) {

  static District of(Section section) {
    return new District(section.text("prefix"), section.whole("from"), section.whole("to"));
  }

  /** Whether the postcode lies in the district; spaces and capitals do not matter. */
  public boolean covers(String postcode) {
    var code = postcode.replace(" ", "").toUpperCase(java.util.Locale.ROOT);
    if (!code.startsWith(prefix)) {
      return false;
    }
    var digits = code.substring(prefix.length());
    if (digits.isEmpty()
        || digits.length() > 6
        || !digits.chars().allMatch(digit -> digit >= '0' && digit <= '9')) {
      return false;
    }
    var number = Integer.parseInt(digits);
    return number >= from && number <= to;
  }
}
