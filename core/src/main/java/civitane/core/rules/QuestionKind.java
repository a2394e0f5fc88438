package civitane.core.rules;

import civitane.core.facts.Form;
import civitane.core.facts.Value;
import civitane.core.facts.Word;

import static civitane.core.facts.Known.known;

/** How an answer is given. */
public enum QuestionKind implements Word {
  TEXT,
  LONG_TEXT,
  MONEY,
  /** A number that is not money: hours, an area, a per cent. */
  NUMBER,
  WHOLE,
  DATE,
  /** A calendar month, as in {@code 2026-08}. */
  MONTH,
  MONTHS,
  FLAG,
  /** One of the options. */
  CHOICE,
  /** One of the options, or another word. */
  OPEN_CHOICE,
  CHOICES,
  PERSON,
  /** Some of the people of the household. */
  PEOPLE,
  TEXTS,
  IBAN,
  /** A few answers that belong together. */
  GROUP,
  /** Any number of such groups. */
  GROUPS,
  /** Yes or no for people of the household, by their id. */
  FLAG_BY_PERSON,
  /** Euros by calendar quarter, as in {@code 2025Q3}. */
  MONEY_BY_QUARTER;

  /** How a value is given; the household writes what is proposed to it, or something else. */
  static QuestionKind of(Value value, boolean proposes) {
    return switch (value.form()) {
      case TEXT, RESIDENT_NUMBER, INCOME -> proposes ? OPEN_CHOICE : TEXT;
      case LONG_TEXT -> LONG_TEXT;
      case MONEY -> MONEY;
      case NUMBER -> NUMBER;
      case WHOLE -> WHOLE;
      case DATE, MOMENT -> DATE;
      case MONTH -> MONTH;
      case FLAG -> FLAG;
      case CHOICE -> CHOICE;
      case PERSON -> PERSON;
      case IBAN -> IBAN;
      case GROUP -> GROUP;
      case BY_PERSON -> FLAG_BY_PERSON;
      case BY_QUARTER -> MONEY_BY_QUARTER;
      case LIST -> ofList(known(value.element()).form());
    };
  }

  private static QuestionKind ofList(Form element) {
    return switch (element) {
      case GROUP -> GROUPS;
      case CHOICE -> CHOICES;
      case MONTH -> MONTHS;
      case PERSON -> PEOPLE;
      case TEXT -> TEXTS;
      default ->
        throw new IllegalArgumentException("there is no question for a list of " + element);
    };
  }
}
