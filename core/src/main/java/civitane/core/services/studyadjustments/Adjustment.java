package civitane.core.services.studyadjustments;

import civitane.core.facts.Word;

/** What is arranged for a student; by their words in the order of the alphabet. */
public enum Adjustment implements Word {
  ACCESSIBLE_DESK,
  ALTERNATIVE_FORMATS,
  CAPTIONING,
  DICTATION,
  EXTRA_TIME,
  FLEXIBLE_ATTENDANCE,
  FLEXIBLE_DEADLINES,
  NOTE_TAKER,
  QUIET_ROOM,
  RECORD_LECTURES,
  REST_BREAKS,
  SCREEN_READER,
  SIGN_INTERPRETER,
  STEP_FREE_ROOMS
}
