package civitane.core.checking;

import civitane.core.facts.Word;

/** The answer to a question that has two. */
public enum YesNo implements Word {
  YES,
  NO;

  static YesNo of(boolean answer) {
    return answer ? YES : NO;
  }
}
