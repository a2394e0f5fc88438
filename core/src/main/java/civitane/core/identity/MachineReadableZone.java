package civitane.core.identity;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The machine-readable zone of an identity paper, in the layouts TD1, TD2 and TD3 of ICAO Doc 9303.
 *
 * <p>Check digits are the weighted sum (7, 3, 1) of the characters modulo 10, with A as 10 up to Z as 35 and the
 * filler as 0.
 */
public final class MachineReadableZone {
  private static final int[] WEIGHTS = {7, 3, 1};
  private static final char FILLER = '<';
  private static final int CENTURY = 100;
  private static final int THIS_CENTURY = 2000;

  private final List<ZoneFault> faults = new ArrayList<>();
  private String number = "";
  private String birth = "";
  private String expiry = "";
  private String names = "";

  private MachineReadableZone() {}

  /** Reads the lines as printed. What is wrong with them is in {@link #faults}. */
  public static MachineReadableZone read(List<String> printed) {
    var zone = new MachineReadableZone();
    var lines = printed.stream()
        .map(line -> line.replace(" ", "").toUpperCase(Locale.ROOT))
        .filter(line -> !line.isEmpty())
        .toList();
    if (!lines.stream().allMatch(line -> line.matches("[A-Z0-9<]*"))) {
      zone.faults.add(ZoneFault.of(Why.ZONE_CHARACTERS));
    } else if (hasShape(lines, 3, 30)) {
      zone.readCard(lines);
    } else if (hasShape(lines, 2, 36)) {
      zone.readBooklet(lines, false);
    } else if (hasShape(lines, 2, 44)) {
      zone.readBooklet(lines, true);
    } else {
      zone.faults.add(ZoneFault.of(Why.ZONE_SHAPE));
    }
    return zone;
  }

  private static boolean hasShape(List<String> lines, int count, int length) {
    return lines.size() == count && lines.stream().allMatch(line -> line.length() == length);
  }

  private void readCard(List<String> lines) {
    var first = lines.get(0);
    var second = lines.get(1);
    checkNumber(first.substring(5, 14), first.charAt(14), first.substring(15));
    birth = second.substring(0, 6);
    expiry = second.substring(8, 14);
    names = lines.get(2);
    check(ZonePart.BIRTH_DATE, birth, second.charAt(6));
    check(ZonePart.EXPIRY_DATE, expiry, second.charAt(14));
    check(
        ZonePart.WHOLE,
        first.substring(5)
            + second.substring(0, 7)
            + second.substring(8, 15)
            + second.substring(18, 29),
        second.charAt(29));
  }

  private void readBooklet(List<String> lines, boolean passport) {
    var second = lines.get(1);
    checkNumber(second.substring(0, 9), second.charAt(9), passport ? "" : second.substring(28, 35));
    birth = second.substring(13, 19);
    expiry = second.substring(21, 27);
    names = lines.get(0).substring(5);
    check(ZonePart.BIRTH_DATE, birth, second.charAt(19));
    check(ZonePart.EXPIRY_DATE, expiry, second.charAt(27));
    if (passport) {
      var personal = second.substring(28, 42);
      var digit = second.charAt(42);
      if (!(digit == FILLER && personal.chars().allMatch(letter -> letter == FILLER))) {
        check(ZonePart.PERSONAL_NUMBER, personal, digit);
      }
    }
    var end = passport ? 43 : 35;
    check(
        ZonePart.WHOLE,
        second.substring(0, 10) + second.substring(13, 20) + second.substring(21, end),
        second.charAt(end));
  }

  /** A number too long for its field goes on in the optional field, its check digit behind it. */
  private void checkNumber(String printed, char digit, String optional) {
    if (digit != FILLER || optional.isEmpty() || optional.charAt(0) == FILLER) {
      number(printed, digit);
      return;
    }
    var end = optional.indexOf(FILLER);
    var rest = end < 0 ? optional : optional.substring(0, end);
    number(printed + rest.substring(0, rest.length() - 1), rest.charAt(rest.length() - 1));
  }

  private void number(String printed, char digit) {
    number = printed.replace(String.valueOf(FILLER), "");
    check(ZonePart.DOCUMENT_NUMBER, printed, digit);
  }

  private void check(ZonePart part, String field, char digit) {
    var right = checkDigit(field);
    if (digit < '0' || digit > '9' || digit - '0' != right) {
      faults.add(ZoneFault.digit(part, digit, right));
    }
  }

  /** The check digit of a field: 0 to 9. */
  public static int checkDigit(String field) {
    var sum = 0;
    for (var i = 0; i < field.length(); i++) {
      sum += value(field.charAt(i)) * WEIGHTS[i % 3];
    }
    return sum % 10;
  }

  private static int value(char letter) {
    if (letter >= '0' && letter <= '9') {
      return letter - '0';
    }
    return letter >= 'A' && letter <= 'Z' ? letter - 'A' + 10 : 0;
  }

  /** What is wrong with the zone; nothing when every check digit is right. */
  public List<ZoneFault> faults() {
    return List.copyOf(faults);
  }

  /** The number of the paper; blank where the zone has no such shape. */
  public String number() {
    return number;
  }

  /** The name, given names first, in capitals as it is printed; blank where the zone has no such shape. */
  public String name() {
    var parts = names.split("<<+", 2);
    var given = parts.length > 1 ? parts[1] : "";
    return (given + " " + parts[0]).replaceAll("[<\\s]+", " ").strip();
  }

  /** The day of birth, which never lies ahead of a day; null where the digits are none. */
  public @Nullable LocalDate birthDate(LocalDate on) {
    var day = day(birth);
    return day == null || !day.isAfter(on) ? day : day.minusYears(CENTURY);
  }

  /** The last day the paper is good for; null where the digits are none. */
  public @Nullable LocalDate expiresOn() {
    return day(expiry);
  }

  private static @Nullable LocalDate day(String digits) {
    if (!digits.matches("\\d{6}")) {
      return null;
    }
    try {
      return LocalDate.of(
          THIS_CENTURY + Integer.parseInt(digits.substring(0, 2)),
          Integer.parseInt(digits.substring(2, 4)),
          Integer.parseInt(digits.substring(4)));
    } catch (DateTimeException e) {
      return null;
    }
  }

  public boolean hasBirthDate(LocalDate date) {
    return birth.equals(twoDigits(date.getYear() % 100)
        + twoDigits(date.getMonthValue())
        + twoDigits(date.getDayOfMonth()));
  }

  /** Written out here, for a formatter would write the digits of the machine's own language. */
  private static String twoDigits(int number) {
    return (number < 10 ? "0" : "") + number;
  }
}
