package civitane.core.facts;

/** What money goes out for. */
public enum ExpenseKind implements Word {
  RENT,
  MORTGAGE,
  HEATING,
  CHILDCARE,
  MEDICAL,
  SUPPORT_PAID
}
