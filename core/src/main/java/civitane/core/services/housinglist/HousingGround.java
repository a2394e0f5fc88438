package civitane.core.services.housinglist;

import civitane.core.facts.Word;

/** What points are given for. */
public enum HousingGround implements Word {
  LONG_HOMELESS,
  HOMELESS,
  DISPLACED,
  DISABLED_MEMBER,
  OVERCROWDED,
  RENT_BURDEN,
  LOCAL_TIE
}
