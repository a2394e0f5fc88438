package civitane.core.facts;

/** Who gets the letters where somebody acts for a household. */
public enum LettersTo implements Word {
  HOUSEHOLD,
  ACTING
}
