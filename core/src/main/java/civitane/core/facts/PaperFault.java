package civitane.core.facts;

/** What is wrong with a paper that is given back. */
public enum PaperFault implements Word {
  NOT_LEGIBLE,
  CUT_OFF,
  PAGES_MISSING,
  ANOTHER_KIND,
  ANOTHER_PERSONS,
  NAME_DIFFERS,
  BIRTH_DATE_DIFFERS,
  OUT_OF_DATE,
  PERIOD_NOT_COVERED
}
