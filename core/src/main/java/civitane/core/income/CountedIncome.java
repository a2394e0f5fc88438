package civitane.core.income;

import civitane.core.facts.Income;
import civitane.core.facts.Person;
import civitane.core.money.Amount;

/**
 * One recurring income of a counted person, as it enters a computation.
 *
 * @param index its place in the household's list
 * @param period the amount used a period, after costs; for a disputed one the higher monthly value
 * @param low euros a month at the lower of two values that disagree; the one value where they agree
 * @param high euros a month at the higher
 * @param yearlyLow euros a year at the lower
 * @param yearlyHigh euros a year at the higher
 * @param payslips how many payslips the amount is the mean of; 0 when it is the household's word
 * @param irregular a payslip is far from the mean
 * @param registerAgrees a register answered and is near enough
 */
public record CountedIncome(
    int index,
    Income income,
    Person person,
    Amount period,
    Amount low,
    Amount high,
    Amount yearlyLow,
    Amount yearlyHigh,
    int payslips,
    boolean irregular,
    boolean registerAgrees) {

  public boolean isDisputed() {
    return low != high;
  }

  public boolean isEarned() {
    return income.kind().isEarned();
  }

  public String pointer() {
    return "/household/incomes/" + index;
  }
}
