package civitane.core.rules;

import civitane.core.income.CountedIncome;
import civitane.core.income.IncomeGap;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Tests of what a household has against a limit, with gaps and disputed incomes in mind. */
public final class IncomeTest {
  private IncomeTest() {}

  /**
   * Met when the total is at most the limit; with disputed incomes when it is so at both ends.
   *
   * @param period what the totals are for, as in "a month"
   * @param low the total with the lower value of each disputed income
   * @param high the total with the higher
   * @param limit read only when everything it needs is known
   */
  public static Test atMost(
      String id,
      IncomePicture income,
      String period,
      Supplier<Amount> low,
      Supplier<Amount> high,
      Supplier<Amount> limit) {
    return atMost(id, income, period, low, high, total -> limit.get());
  }

  /** As above, with a limit that depends on the total it is held against. */
  public static Test atMost(
      String id,
      IncomePicture income,
      String period,
      Supplier<Amount> low,
      Supplier<Amount> high,
      UnaryOperator<Amount> limitFor) {
    if (!income.isKnown()) {
      return gap(id, income);
    }
    var highest = high.get();
    var most = limitFor.apply(highest);
    if (highest.isWithin(most)) {
      return Test.met(
              id,
              () -> "Income of " + highest + " " + period + " is within the limit of " + most
                  + ", by " + most.minus(highest) + ".")
          .comparing(highest, most)
          .needing(() -> needs(income));
    }
    var lowest = income.isDisputed() ? low.get() : highest;
    var least = income.isDisputed() ? limitFor.apply(lowest) : most;
    if (lowest.isAbove(least)) {
      return Test.notMet(
              id,
              () -> "Income of " + lowest + " " + period + " is over the limit of " + least
                  + ", by " + lowest.minus(least) + ".")
          .comparing(lowest, least)
          .changedBy(
              () -> "Income lower by " + lowest.minus(least) + " " + period + " would meet it.")
          .needing(() -> needs(income));
    }
    return disputed(
        id,
        income,
        () -> "Income is between " + lowest + " and " + highest + " " + period
            + ", as the register and the household disagree; the limit of " + most
            + " lies between. Payslips will settle it.");
  }

  /** The test where what is known of the income does not suffice. */
  public static Test gap(String id, IncomePicture income) {
    return Test.unknown(
            id,
            () -> income.gaps().stream()
                .map(IncomeGap::because)
                .distinct()
                .collect(Collectors.joining(" ")))
        .missing(
            income.gaps().stream().map(IncomeGap::missing).distinct().sorted().toList())
        .needing(() -> needs(income));
  }

  /** The test where the register and the household disagree across the limit. */
  public static Test disputed(String id, IncomePicture income, Supplier<String> because) {
    var wanted = income.incomes().stream()
        .filter(CountedIncome::isDisputed)
        .map(item -> "payslip:" + item.income().id())
        .sorted()
        .toList();
    return Test.unknown(id, because).missing(wanted).needing(() -> needs(income));
  }

  /** The pointers of the facts an income picture is made of. */
  public static List<String> needs(IncomePicture income) {
    var pointers = new ArrayList<String>(income.incomes().size() + 4);
    var people = income.counted().household().people();
    for (var person : income.counted().people()) {
      pointers.add("/household/people/" + people.indexOf(person));
    }
    for (var item : income.incomes()) {
      pointers.add(item.pointer());
    }
    return pointers;
  }

  /** The notes an income picture calls for: swings, and disputes that did not matter. */
  public static List<Note> notes(IncomePicture income, boolean decided) {
    var notes = new ArrayList<Note>();
    for (var item : income.incomes()) {
      if (item.irregular()) {
        notes.add(new Note(
            "irregular",
            "The pay of " + item.person().calledBy() + " swings; the mean of " + item.payslips()
                + " payslips was used."));
      }
    }
    if (decided && income.isKnown() && income.isDisputed()) {
      notes.add(
          new Note(
              "provisional",
              "The register and the household disagree; the higher income was used, as the outcome is the same."));
    }
    return notes;
  }
}
