package civitane.core.services.schoolmeals;

import civitane.core.facts.Word;

/** What a child's meals cost, the best first. */
enum Tier implements Word {
  FREE("free"),
  REDUCED("reduced"),
  FULL("full");

  private final String word;

  Tier(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
