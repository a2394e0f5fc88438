package civitane.core.services.legaladvice;

import civitane.core.facts.Word;

/** The questions by which somebody is asked what can't wait. */
public enum UrgentQuestion implements Word {
  A_DATE,
  SOMEBODY,
  THE_HOME
}
