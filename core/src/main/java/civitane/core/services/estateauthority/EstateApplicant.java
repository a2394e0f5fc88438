package civitane.core.services.estateauthority;

import civitane.core.facts.Word;

/** Who asks to settle an estate. */
public enum EstateApplicant implements Word {
  EXECUTOR,
  HEIR,
  CREDITOR,
  ORGANISATION
}
