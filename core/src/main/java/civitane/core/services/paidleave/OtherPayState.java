package civitane.core.services.paidleave;

import civitane.core.facts.Word;

/** What has become of other pay. */
public enum OtherPayState implements Word {
  PAID,
  APPLIED
}
