package civitane.core.services.homepaymentrelief;

import civitane.core.facts.Word;

/** Who owns a home. */
public enum OwnerKind implements Word {
  PEOPLE,
  COMPANY
}
