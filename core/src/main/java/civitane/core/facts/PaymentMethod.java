package civitane.core.facts;

/** How money is paid. */
public enum PaymentMethod implements Word {
  TRANSFER("transfer"),
  CHEQUE("cheque");

  private final String word;

  PaymentMethod(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
