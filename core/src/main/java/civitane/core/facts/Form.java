package civitane.core.facts;

/** What a value of a packet looks like. */
public enum Form implements Word {
  TEXT,
  LONG_TEXT,
  /** Euros: not negative, at most two decimals and nine digits before them. */
  MONEY,
  /** A number that is not money: hours, an area, a per cent. */
  NUMBER,
  WHOLE,
  DATE,
  /** A calendar month, as in {@code 2026-08}. */
  MONTH,
  MOMENT,
  FLAG,
  /** One word of a vocabulary. */
  CHOICE,
  /** The id of a person of the household. */
  PERSON,
  /** The id of an income of the household. */
  INCOME,
  RESIDENT_NUMBER,
  IBAN,
  /** A few values that belong together. */
  GROUP,
  LIST,
  /** Values by the ids of people. */
  BY_PERSON,
  /** Values by calendar quarter, as in {@code 2025Q3}. */
  BY_QUARTER
}
