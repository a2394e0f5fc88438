package civitane.app.appointments;

import civitane.core.facts.Word;

/** Where somebody is met. */
public enum Place implements Word {
  COUNTER,
  PHONE,
  HOME
}
