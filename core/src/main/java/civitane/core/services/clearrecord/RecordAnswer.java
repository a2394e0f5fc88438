package civitane.core.services.clearrecord;

import civitane.core.facts.Word;

/** What the register of records answered. */
public enum RecordAnswer implements Word {
  CLEAR,
  /** An entry under this name, perhaps a namesake's. */
  ENTRY,
  ENTRY_CONFIRMED
}
