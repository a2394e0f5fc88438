package civitane.core.rates;

import civitane.core.money.Amount;

/**
 * How incomes are compared with papers and registers.
 *
 * @param windowDays payslips count when their period ended so many days before lodging, or later
 * @param tolerancePercent how far the household's word may be from the register, in per cent of the register
 * @param toleranceMonthly the same in euros a month, where that is more
 * @param irregularPercent a payslip farther than this from the mean makes an income irregular
 * @param flatCostPercent costs of the self-employed who declare none
 */
public record IncomeCheck(
    int windowDays,
    Amount tolerancePercent,
    Amount toleranceMonthly,
    Amount irregularPercent,
    Amount flatCostPercent) {

  static IncomeCheck of(Section section) {
    return new IncomeCheck(
        section.whole("windowDays"),
        section.amount("tolerancePercent"),
        section.amount("toleranceMonthly"),
        section.amount("irregularPercent"),
        section.amount("flatCostPercent"));
  }
}
