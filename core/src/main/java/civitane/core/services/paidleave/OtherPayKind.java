package civitane.core.services.paidleave;

import civitane.core.facts.Word;

/** Other pay for the time of a leave: it lessens leave pay, or excludes it. */
public enum OtherPayKind implements Word {
  EMPLOYER_LEAVE(false),
  SICK_PAY(false),
  UNEMPLOYMENT(true),
  INJURY(true);

  private final boolean excluding;

  OtherPayKind(boolean excluding) {
    this.excluding = excluding;
  }

  boolean isExcluding() {
    return excluding;
  }
}
