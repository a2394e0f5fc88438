package civitane.words;

/** Who reads: where the two differ, words have a form for each. */
public enum Voice {
  /** Who works a claim. */
  DESK,
  /** Who receives a letter. */
  LETTER
}
