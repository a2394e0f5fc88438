package civitane.app.corrections;

import civitane.core.claims.Why;
import civitane.core.facts.Word;

/** What somebody finds wrong with a fact. */
public enum Finding implements Word {
  PAPERS(Why.PAPERS_SAY_OTHERWISE),
  REGISTER(Why.REGISTER_SAYS_OTHERWISE),
  CONTRADICTION(Why.CONTRADICTS),
  PERIOD(Why.PERIOD_LOOKS_WRONG),
  ILLEGIBLE(Why.ILLEGIBLE),
  BLANK(Why.LEFT_BLANK);

  private final Why code;

  Finding(Why code) {
    this.code = code;
  }

  Why code() {
    return code;
  }
}
