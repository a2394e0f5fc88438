package civitane.core.services.paidleave;

import civitane.core.facts.Word;

/** Whether leave is taken at a stretch or by the hour. */
public enum LeavePattern implements Word {
  CONTINUOUS,
  INTERMITTENT
}
