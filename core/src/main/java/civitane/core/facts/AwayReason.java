package civitane.core.facts;

/** Why somebody who belongs to the household is elsewhere for a time. */
public enum AwayReason implements Word {
  STUDY,
  WORK,
  HOSPITAL
}
