package civitane.core.identity;

import civitane.core.facts.Word;

/** How well it is shown who somebody is. */
public enum IdentityLevel implements Word {
  /** Two papers of different kinds speak for the person, at least one with a photo. */
  STANDARD,
  /** One paper speaks for the person, or several without a photo. */
  PARTIAL,
  NONE
}
