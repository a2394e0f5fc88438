package civitane.core.ledger;

import civitane.core.facts.Word;

/** What is known of a list: nobody was asked, there is none, or there are these. */
public enum ListState implements Word {
  NOT_ASKED,
  NONE,
  THESE
}
