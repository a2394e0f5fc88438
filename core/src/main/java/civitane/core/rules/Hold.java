package civitane.core.rules;

import civitane.core.facts.Word;

/** Whom an undecided request waits for. */
public enum Hold implements Word {
  LANDLORD("landlord"),
  LENDER("lender"),
  CONFLICT("conflict");

  private final String word;

  Hold(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
