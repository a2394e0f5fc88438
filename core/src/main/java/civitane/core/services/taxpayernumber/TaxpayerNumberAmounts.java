package civitane.core.services.taxpayernumber;

import civitane.core.money.Amount;

/** Euros to pay. */
public record TaxpayerNumberAmounts(Amount fee) {}
