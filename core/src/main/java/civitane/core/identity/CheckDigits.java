package civitane.core.identity;

/** Luhn check digits, as resident numbers, claim numbers and benefit numbers carry them. */
public final class CheckDigits {
  private CheckDigits() {}

  /** Whether the last digit is the check digit of those before it. Anything but digits is wrong. */
  public static boolean isRight(String digits) {
    for (var i = 0; i < digits.length(); i++) {
      if (digits.charAt(i) < '0' || digits.charAt(i) > '9') {
        return false;
      }
    }
    var last = digits.length() - 1;
    return last > 0 && of(digits, last) == digits.charAt(last) - '0';
  }

  /** The check digit for some digits: doubled from the right every other one, the sum made whole to ten. */
  public static int of(String digits) {
    return of(digits, digits.length());
  }

  private static int of(String digits, int length) {
    var sum = 0;
    for (var i = 0; i < length; i++) {
      var digit = digits.charAt(length - 1 - i) - '0';
      var weighed = i % 2 == 0 ? digit * 2 : digit;
      sum += weighed > 9 ? weighed - 9 : weighed;
    }
    return (10 - sum % 10) % 10;
  }

  /** Whether it is a resident number: ten digits, the last their check digit. */
  public static boolean isResidentNumber(String text) {
    return text.length() == 10 && isRight(text);
  }
}
