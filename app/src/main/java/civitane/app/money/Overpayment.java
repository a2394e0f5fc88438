package civitane.app.money;

import civitane.core.awards.DebtCause;
import civitane.core.money.Amount;
import java.time.LocalDate;

/**
 * What is asked back by a decision because more was given than is due.
 *
 * @param ref by what it is called in letters
 * @param amount in euros
 * @param from the first of the days for which too much was given
 * @param until the last of them
 * @param because why, as it was written
 */
public record Overpayment(
    String ref, Amount amount, LocalDate from, LocalDate until, DebtCause cause, String because) {

  /** The reference of what a decision on a claim asks back. */
  public static String ref(String number, int decision) {
    return number + "-D" + decision;
  }
}
