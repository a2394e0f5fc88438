package civitane.core.rates;

import civitane.core.money.Amount;

/** What each person of a household weighs beside the first. */
public record Weights(Amount first, Amount from14, Amount under14) {
  public static final int HEAVIER_FROM_AGE = 14;

  static Weights of(Section section) {
    return new Weights(
        section.amount("first"), section.amount("from14"), section.amount("under14"));
  }
}
