package civitane.core.facts;

/** Why somebody's resident number is not given. */
public enum MissingNumber implements Word {
  UNKNOWN,
  NOT_ISSUED,
  DECLINED
}
