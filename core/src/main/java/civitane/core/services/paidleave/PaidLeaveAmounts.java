package civitane.core.services.paidleave;

import civitane.core.money.Amount;

/**
 * What Paid Leave comes to: euros, and weeks to two decimals.
 *
 * @param averageWeekly euros earned a week
 * @param weekly euros paid a week
 * @param left weeks left before this claim
 * @param payable weeks granted less those unpaid for late notice
 */
public record PaidLeaveAmounts(
    Amount averageWeekly,
    Amount weekly,
    Amount left,
    Amount asked,
    Amount granted,
    boolean late,
    Amount payable,
    Amount total,
    Amount withheld,
    Amount net) {}
