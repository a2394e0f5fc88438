package civitane.core.facts;

/** How a signature was given. */
public enum SigningMethod implements Word {
  SCREEN,
  PEN,
  /** Statements read out and answered one by one, as on the phone. */
  SPOKEN,
  MARK
}
