package civitane.core.ledger;

import civitane.core.facts.Word;

/** How what was said stands beside what was shown and checked. */
public enum Agreement implements Word {
  NOTHING_KNOWN,
  ONLY_SAID,
  AGREE,
  DIFFER,
  /** What papers and registers say differs among themselves. */
  CONTRADICT
}
