package civitane.core.identity;

import civitane.core.facts.Word;

/** A part of a machine-readable zone that has a check digit. */
public enum ZonePart implements Word {
  DOCUMENT_NUMBER,
  BIRTH_DATE,
  EXPIRY_DATE,
  PERSONAL_NUMBER,
  WHOLE
}
