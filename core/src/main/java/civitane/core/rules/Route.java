package civitane.core.rules;

import civitane.core.facts.Word;

/** Where a request goes that can't be decided at the desk. */
public enum Route implements Word {
  /** It must not wait in a queue. */
  URGENT_LINE("urgentLine"),
  /** A person's disability is assessed first. */
  ASSESSMENT("assessment");

  private final String word;

  Route(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
