package civitane.core.services.taxpayernumber;

import civitane.core.facts.Word;

/** Where taxable money comes from. */
public enum TaxSource implements Word {
  EMPLOYMENT,
  BUSINESS,
  RENT,
  OTHER
}
