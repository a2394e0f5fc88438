package civitane.core.registers;

import civitane.core.money.Amount;

/** What an employer reported for somebody: euros a month before tax. */
public record Wage(String employer, Amount monthly) {}
