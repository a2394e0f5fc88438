package civitane.core.services.paymentarrangement;

import civitane.core.facts.Word;

/** What the household says of a debt. */
public enum DebtWord implements Word {
  OWED,
  PAID_ALREADY,
  NOT_MINE
}
