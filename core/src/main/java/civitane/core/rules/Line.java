package civitane.core.rules;

import civitane.core.money.Amount;

/** One line of the sum, as on a till slip: what it is, and the number. */
public record Line(String label, Amount amount) {}
