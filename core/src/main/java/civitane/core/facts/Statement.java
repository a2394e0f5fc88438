package civitane.core.facts;

/** What somebody states by signing, ticked one by one; a packet may hold others. */
public enum Statement implements Word {
  TRUE,
  CHANGES,
  SHARE,
  REPAY
}
