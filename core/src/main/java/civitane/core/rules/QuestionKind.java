package civitane.core.rules;

import civitane.core.facts.Word;

/** What an answer looks like. */
public enum QuestionKind implements Word {
  TEXT("text"),
  LONG_TEXT("longText"),
  MONEY("money"),
  /** A number that is not money: hours, an area, a per cent. */
  NUMBER("number"),
  WHOLE("whole"),
  DATE("date"),
  /** A calendar month, as in {@code 2026-08}. */
  MONTH("month"),
  MONTHS("months"),
  FLAG("flag"),
  /** One of the options. */
  CHOICE("choice"),
  /** One of the options, or another word. */
  OPEN_CHOICE("openChoice"),
  CHOICES("choices"),
  PERSON("person"),
  TEXTS("texts"),
  IBAN("iban"),
  /** A few answers that belong together. */
  GROUP("group"),
  /** Any number of such groups. */
  GROUPS("groups"),
  /** Yes or no for people of the household, by their id. */
  FLAG_BY_PERSON("flagByPerson"),
  /** Euros by calendar quarter, as in {@code 2025Q3}. */
  MONEY_BY_QUARTER("moneyByQuarter");

  private final String word;

  QuestionKind(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
