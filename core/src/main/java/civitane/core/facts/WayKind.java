package civitane.core.facts;

/** A further way to reach somebody. */
public enum WayKind implements Word {
  PHONE,
  MAIL,
  ADDRESS
}
