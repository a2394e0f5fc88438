package civitane.core.identity;

import civitane.core.facts.Word;

/** How near two names are, the nearest first. */
public enum NameMatch implements Word {
  /** The same letters, in any order of the parts. */
  SAME,
  /** So near that it may well be the same: a slip of the pen, an initial, a part left out. */
  CLOSE,
  /** One in Latin letters, the other in another script: a person must look. */
  OTHER_SCRIPT,
  DIFFERENT;

  public NameMatch orNearer(NameMatch other) {
    return compareTo(other) <= 0 ? this : other;
  }
}
