package civitane.core.services.paidleave;

import civitane.core.facts.Word;

/** What has become of weeks of earlier claims. */
public enum EarlierState implements Word {
  USED,
  PENDING
}
