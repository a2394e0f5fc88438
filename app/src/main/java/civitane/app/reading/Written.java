package civitane.app.reading;

import civitane.packet.shape.Accounts;
import java.math.BigDecimal;
import java.text.Normalizer;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import static java.util.Map.entry;

/** Days and sums as papers write them, in the languages of the district. */
final class Written {
  private static final Map<String, Integer> MONTHS = Map.ofEntries(
      entry("jan", 1),
      entry("feb", 2),
      entry("fev", 2),
      entry("mar", 3),
      entry("apr", 4),
      entry("avr", 4),
      entry("abr", 4),
      entry("may", 5),
      entry("mai", 5),
      entry("jun", 6),
      entry("juin", 6),
      entry("jul", 7),
      entry("juil", 7),
      entry("aug", 8),
      entry("aou", 8),
      entry("ago", 8),
      entry("sep", 9),
      entry("set", 9),
      entry("oct", 10),
      entry("out", 10),
      entry("nov", 11),
      entry("dec", 12),
      entry("dez", 12),
      entry("يناير", 1),
      entry("فبراير", 2),
      entry("مارس", 3),
      entry("ابريل", 4),
      entry("أبريل", 4),
      entry("مايو", 5),
      entry("يونيو", 6),
      entry("يوليو", 7),
      entry("أغسطس", 8),
      entry("سبتمبر", 9),
      entry("أكتوبر", 10),
      entry("نوفمبر", 11),
      entry("ديسمبر", 12));

  private static final Pattern DAY = Pattern.compile(
      "(?<y1>\\d{4})-(?<m1>\\d{1,2})-(?<d1>\\d{1,2})"
          + "|(?<d2>\\d{1,2})\\s?[./-]\\s?(?<m2>\\d{1,2})\\s?[./-]\\s?(?<y2>\\d{4})"
          + "|(?<d3>\\d{1,2})(?:er|º|st|nd|rd|th)?\\.?\\s+(?:de\\s+)?(?<m3>[\\p{L}\\p{M}]{3,10})\\.?,?\\s+(?:de\\s+)?(?<y3>\\d{4})");

  private static final Pattern SUM = Pattern.compile(
      "(?<![\\d.,])-?(?:\\d{1,3}(?:[ .,'\\u00a0\\u202f]\\d{3})+|\\d+)[.,]\\d{2}(?!\\d)");

  private static final Pattern NUMBER = Pattern.compile("\\d{1,6}(?:[.,]\\d{1,2})?");

  private static final Pattern ACCOUNT =
      Pattern.compile("\\b[A-Z]{2}\\d{2}(?:[ \\u00a0]?[A-Z0-9]){11,30}\\b");

  private Written() {}

  /** The first account number in a text whose check digits are right, without its spaces. */
  static Optional<String> account(String text) {
    return ACCOUNT
        .matcher(western(text))
        .results()
        .map(found -> found.group().replaceAll("[ \\u00a0]", ""))
        .filter(Accounts::isIban)
        .findFirst();
  }

  /** All days that stand in a text, in its order. */
  static List<LocalDate> days(String text) {
    var days = new ArrayList<LocalDate>();
    var found = DAY.matcher(western(text));
    while (found.find()) {
      var kind = found.group("y1") != null ? "1" : found.group("y2") != null ? "2" : "3";
      month(found.group("m" + kind))
          .flatMap(month -> day(found.group("y" + kind), month, found.group("d" + kind)))
          .ifPresent(days::add);
    }
    return days;
  }

  private static Optional<LocalDate> day(String year, int month, String day) {
    try {
      return Optional.of(LocalDate.of(Integer.parseInt(year), month, Integer.parseInt(day)));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static Optional<Integer> month(String written) {
    if (Character.isDigit(written.charAt(0))) {
      return Optional.of(Integer.valueOf(written));
    }
    var whole = Optional.ofNullable(MONTHS.get(written));
    if (whole.isPresent()) {
      return whole;
    }
    var plain = Normalizer.normalize(written, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT);
    var four = Optional.ofNullable(MONTHS.get(plain.substring(0, Math.min(4, plain.length()))));
    return four.or(() -> Optional.ofNullable(MONTHS.get(plain.substring(0, 3))));
  }

  /** All sums of money that stand in a text, with their cents, in its order. */
  static List<BigDecimal> sums(String text) {
    var sums = new ArrayList<BigDecimal>();
    var found = SUM.matcher(western(text));
    while (found.find()) {
      var written = found.group();
      var cents = written.length() - 2;
      var whole = written.substring(0, cents - 1).replaceAll("[^\\d-]", "");
      sums.add(new BigDecimal(whole + "." + written.substring(cents)));
    }
    return sums;
  }

  /** Yes or no, where a text begins with either. */
  static Optional<String> yesOrNo(String text) {
    var plain = text.strip().toLowerCase(Locale.ROOT);
    if (plain.matches("(?:yes|oui|sim|نعم)\\b.*")) {
      return Optional.of("yes");
    }
    return plain.matches("(?:no|non|n[ãa]o|لا)\\b.*") ? Optional.of("no") : Optional.empty();
  }

  /** The first number of a text, with a point before its decimals. */
  static Optional<String> number(String text) {
    return NUMBER
        .matcher(western(text))
        .results()
        .map(found -> found.group().replace(',', '.'))
        .findFirst();
  }

  /** Names that stand one after the other, with an "and" between the last two. */
  static List<String> names(String text) {
    return Stream.of(text.split("\\s*[,;&/]\\s*|\\s+(?:and|et|e)\\s+|\\s+و\\s*"))
        .map(String::strip)
        .filter(name -> !name.isEmpty())
        .toList();
  }

  /** With the digits that are reckoned with here, and the signs between them. */
  private static String western(String text) {
    var plain = new StringBuilder(text.length());
    for (var letter : text.toCharArray()) {
      if (letter >= '٠' && letter <= '٩') {
        plain.append((char) ('0' + letter - '٠'));
      } else if (letter == '٫') {
        plain.append('.');
      } else if (letter == '٬') {
        plain.append(',');
      } else {
        plain.append(letter);
      }
    }
    return plain.toString();
  }
}
