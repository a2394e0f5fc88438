package civitane.core.facts;

/** By what right somebody acts for a household. */
public enum ActingRight implements Word {
  GUARDIAN,
  REPRESENTATIVE,
  ORGANISATION,
  /** May be spoken with, and no more. */
  MAY_SPEAK
}
