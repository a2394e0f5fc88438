package civitane.app.counter;

import civitane.core.facts.Word;

/** What somebody comes to the counter for. */
enum Wish implements Word {
  WHERE_IT_STANDS,
  BRINGS_PAPERS,
  APPLIES,
  APPOINTMENT,
  COLLECTS,
  OTHER
}
