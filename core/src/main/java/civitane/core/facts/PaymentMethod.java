package civitane.core.facts;

/** How money is paid. */
public enum PaymentMethod implements Word {
  TRANSFER,
  CHEQUE
}
