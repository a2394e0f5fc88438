package civitane.core.facts;

/** What money goes out for. */
public enum ExpenseKind implements Word {
  RENT("rent"),
  MORTGAGE("mortgage"),
  HEATING("heating"),
  CHILDCARE("childcare"),
  MEDICAL("medical"),
  SUPPORT_PAID("supportPaid");

  private final String word;

  ExpenseKind(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
