package civitane.core.services.schoolmeals;

import civitane.core.facts.Word;

/** How an application came in. */
public enum FormMedium implements Word {
  SCREEN,
  PAPER
}
