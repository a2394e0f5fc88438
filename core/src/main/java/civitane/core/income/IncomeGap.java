package civitane.core.income;

import civitane.core.facts.Person;

/**
 * Something that stands in the way of knowing what a household has.
 *
 * @param person whose money it is
 * @param missing the pointer of the fact, or the word for what is wanted of a person
 * @param because a sentence for a letter
 */
public record IncomeGap(String person, String missing, String because) {

  static IncomeGap birthDate(Person person, int index) {
    return new IncomeGap(
        person.id(),
        "/household/people/" + index + "/birthDate",
        "The date of birth of " + person.calledBy() + " is not known.");
  }

  static IncomeGap missing(Person person, String pointer) {
    var what = pointer.endsWith("frequency") ? "How often an income of " : "How much an income of ";
    return new IncomeGap(
        person.id(),
        pointer,
        what + person.calledBy() + (pointer.endsWith("frequency") ? " comes in" : " is")
            + " has not been said.");
  }

  static IncomeGap samePeriodTwice(Person person, String pointer) {
    return new IncomeGap(
        person.id(), pointer, "Two payslips of " + person.calledBy() + " are for the same period.");
  }

  static IncomeGap both(Person person) {
    return new IncomeGap(
        person.id(),
        "noIncome:" + person.id(),
        person.calledBy() + " is said to have no income, and an income is listed as well.");
  }

  static IncomeGap silence(Person person) {
    return new IncomeGap(
        person.id(),
        "income:" + person.id(),
        "Nothing is said of what " + person.calledBy()
            + " lives on: an income, or the statement that there is none.");
  }
}
