package civitane.core.identity;

/** Luhn check digits, as resident numbers, claim numbers and benefit numbers carry them. */
public final class CheckDigits {
  private CheckDigits() {}

  /** Whether the last digit is the check digit of those before it. Anything but digits is wrong. */
  public static boolean isRight(String digits) {
    return digits.length() > 1
        && digits.chars().allMatch(digit -> digit >= '0' && digit <= '9')
        && of(digits.substring(0, digits.length() - 1)) == digits.charAt(digits.length() - 1) - '0';
  }

  /** The check digit for some digits: doubled from the right every other one, the sum made whole to ten. */
  public static int of(String digits) {
    var sum = 0;
    for (var i = 0; i < digits.length(); i++) {
      var digit = digits.charAt(digits.length() - 1 - i) - '0';
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
