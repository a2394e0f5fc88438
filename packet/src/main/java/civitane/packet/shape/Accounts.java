package civitane.packet.shape;

import java.util.regex.Pattern;
import org.apache.commons.validator.routines.checkdigit.IBANCheckDigit;

/** Accounts as they are written: an IBAN, with or without spaces. */
public final class Accounts {
  private static final Pattern IBAN = Pattern.compile("[A-Z]{2}\\d{2}[A-Z0-9]{10,30}");

  private Accounts() {}

  /** Whether it is an IBAN whose check digits fit. */
  public static boolean isIban(String text) {
    var plain = text.replace(" ", "");
    return IBAN.matcher(plain).matches() && IBANCheckDigit.IBAN_CHECK_DIGIT.isValid(plain);
  }
}
