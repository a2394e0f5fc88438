package civitane.core.facts;

/** Why a person has another name. */
public enum OtherNameKind implements Word {
  FORMER,
  KNOWN
}
