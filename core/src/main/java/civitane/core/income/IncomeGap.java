package civitane.core.income;

import civitane.core.facts.Household;
import civitane.core.facts.Person;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;

/**
 * Something that stands in the way of knowing what a household has.
 *
 * @param person whose money it is
 * @param missing what would tell it
 */
public record IncomeGap(String person, Missing missing, Reason because) {

  static IncomeGap birthDate(Household household, Person person) {
    var who = Who.of(household, person);
    var pointer = "/household/people/" + household.people().indexOf(person) + "/birthDate";
    return new IncomeGap(
        person.id(),
        new Missing(pointer, "household.people.birthDate", null, who),
        Why.BIRTH_DATE_MISSING.with(who));
  }

  /** An income whose amount or frequency was not said. */
  static IncomeGap missing(Household household, Person person, int income, String key) {
    var who = Who.of(household, person);
    return new IncomeGap(
        person.id(),
        of(income, key, who),
        (key.equals("frequency") ? Why.FREQUENCY_MISSING : Why.AMOUNT_MISSING).with(who));
  }

  static IncomeGap samePeriodTwice(Household household, Person person, int income) {
    var who = Who.of(household, person);
    return new IncomeGap(person.id(), of(income, "payslips", who), Why.SAME_PERIOD_TWICE.with(who));
  }

  private static Missing of(int income, String key, Who who) {
    return new Missing(
        "/household/incomes/" + income + "/" + key, "household.incomes." + key, null, who);
  }

  static IncomeGap both(Household household, Person person) {
    return stated(household, person, "noIncome", Why.INCOME_AND_NONE);
  }

  static IncomeGap silence(Household household, Person person) {
    return stated(household, person, "income", Why.NOTHING_SAID);
  }

  private static IncomeGap stated(Household household, Person person, String what, Why why) {
    var who = Who.of(household, person);
    return new IncomeGap(
        person.id(),
        new Missing(what + ":" + person.id(), "wanted." + what, null, who),
        why.with(who));
  }
}
