package civitane.core.income;

import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Person;
import civitane.core.money.Amount;
import civitane.core.rates.IncomeCheck;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What speaks for a wage, in euros a month: the household's word, the payslips, the register, and what is gone by.
 *
 * @param said as told; null where the amount or how often it is paid was not
 * @param shown the mean of the payslips; null where there are too few of them, or two are of one period
 * @param checked what the register says; null where it was not asked, or knows nothing
 * @param low what is used, at its lower end
 * @param high what is used, at its higher end; the same where nothing is disputed, null where nothing can be used yet
 * @param slips how many payslips lie in the window
 * @param enough how many are needed
 * @param opens the first day a payslip may end on
 * @param closes the last one
 * @param irregular whether a payslip is far from the mean
 */
public record WageEvidence(
    @Nullable Amount said,
    @Nullable Amount shown,
    @Nullable Amount checked,
    @Nullable Amount low,
    @Nullable Amount high,
    int slips,
    int enough,
    LocalDate opens,
    LocalDate closes,
    boolean irregular) {

  /**
   * The evidence of an income that is a wage.
   *
   * @param lodgedOn the day it is assessed for
   * @param asOf the day of the computation
   */
  public static WageEvidence of(
      Income income, Person person, IncomeCheck check, LocalDate lodgedOn, LocalDate asOf) {
    if (income.kind() != IncomeKind.WAGES) {
      throw new IllegalArgumentException("payslips and the register speak for wages only");
    }
    return new IncomeItem(0, income, person, check, lodgedOn, asOf).evidence();
  }

  public boolean isDisputed() {
    return low != null && high != null && !low.equals(high);
  }
}
