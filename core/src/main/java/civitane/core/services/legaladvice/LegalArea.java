package civitane.core.services.legaladvice;

import civitane.core.facts.Word;

/** What a matter is usually about; which of them the office takes is for the rate book. */
public enum LegalArea implements Word {
  FAMILY,
  HOUSING,
  CONSUMER,
  BENEFITS,
  WORK
}
