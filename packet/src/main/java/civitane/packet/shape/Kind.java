package civitane.packet.shape;

/** What a value looks like. */
public enum Kind {
  /** Anything: it is read by a shape of its own. */
  ELSEWHERE,
  TEXT,
  /** One of some words. */
  WORD,
  /** Euros: not negative, at most two decimals and nine digits before them. */
  MONEY,
  /** Not negative, at most six decimals and nine digits before them. */
  NUMBER,
  WHOLE,
  DATE,
  MONTH,
  TIMESTAMP,
  FLAG,
  RESIDENT_NUMBER,
  IBAN,
  /** The id of a person of the household. */
  PERSON,
  /** The id of an income of the household. */
  INCOME,
  OBJECT,
  LIST,
  /** Values by the ids of people. */
  BY_PERSON,
  /** Values by calendar quarter. */
  BY_QUARTER
}
