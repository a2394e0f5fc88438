package civitane.core.services.namechange;

import civitane.core.facts.Word;

/** Why a guardian can't consent. */
public enum ConsentAbsence implements Word {
  COURT_ORDER,
  SOLE_CUSTODY,
  DIED
}
