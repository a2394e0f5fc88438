package civitane.core.services.schoolmeals;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.Section;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;

/**
 * The numbers of School Meals.
 *
 * @param freePercent of what the household needs a year: within it meals are free
 * @param reducedPercent within it the price is reduced
 * @param nearLimitYearly how far below a limit an application is near it, in euros a year
 * @param until the day of the year after the school year on which a grant ends
 */
record SchoolMealsTerms(
    Amount freePercent, Amount reducedPercent, Amount nearLimitYearly, MonthDay until) {

  static SchoolMealsTerms of(RateBook rates) {
    return rates.terms(SchoolMealsTerms.class, SchoolMealsTerms::read);
  }

  private static SchoolMealsTerms read(Section whole) {
    var part = whole.section("schoolMeals");
    return new SchoolMealsTerms(
        part.amount("freePercent"),
        part.amount("reducedPercent"),
        part.amount("nearLimitYearly"),
        MonthDay.parse("--" + part.text("until")));
  }

  /** The day on which a grant for the school year that begins in a year ends. */
  LocalDate until(int schoolYear) {
    return until.atYear(schoolYear + 1);
  }

  /** The year in which the school year of a day begins; a school year runs from August to July. */
  static int schoolYear(LocalDate day) {
    return day.getMonth().compareTo(Month.AUGUST) < 0 ? day.getYear() - 1 : day.getYear();
  }

  /** Whether a school year can be asked for on a day: the one that runs, and from June the coming one. */
  static boolean canBeAskedFor(int schoolYear, LocalDate day) {
    var running = schoolYear(day);
    var early = day.getMonth() == Month.JUNE || day.getMonth() == Month.JULY;
    return schoolYear == running || early && schoolYear == running + 1;
  }
}
