package civitane.bench.engine;

import civitane.bench.IncomeWorth;
import civitane.bench.engine.Facts.Child;
import civitane.bench.engine.Facts.Counted;
import civitane.bench.engine.Facts.Item;
import civitane.bench.engine.Facts.Size;
import civitane.bench.engine.Facts.Terms;
import civitane.bench.engine.Facts.Totals;
import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.rules.Outcome;
import civitane.core.services.schoolmeals.SchoolMealsAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.Period;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The sums that the engine's rules call for. */
public final class Arithmetic {
  private static final BigDecimal FROM_14 = new BigDecimal("0.55");
  private static final BigDecimal UNDER_14 = new BigDecimal("0.35");
  private static final BigDecimal FREE = new BigDecimal("1.20");
  private static final BigDecimal REDUCED = new BigDecimal("1.70");
  private static final BigDecimal NEAR = new BigDecimal("900");
  private static final int HEAVIER_FROM = 14;
  private static final int ADULT = 18;
  private static final int AUGUST = 8;

  private Arithmetic() {}

  public static boolean isCounted(Person person, boolean foster) {
    return switch (person.role()) {
      case APPLICANT, SPOUSE, CHILD -> true;
      case PARENT, SIBLING, RELATIVE -> person.sharesMoney();
      case FOSTER_CHILD -> foster;
      default -> false;
    };
  }

  public static Counted counted(Person person, Packet packet) {
    var age = age(person, packet);
    return new Counted(
        person.id(), person, age, age < 0 || age >= ADULT, person.role() == Role.APPLICANT);
  }

  static int age(Person person, Packet packet) {
    return person.birthDate() == null
        ? -1
        : Period.between(person.birthDate(), packet.assessedOn()).getYears();
  }

  public static boolean recurs(Income income, Packet packet) {
    return income.kind().isCounted() && income.isRecurringOn(packet.assessedOn());
  }

  /** Whether an income counts: what children earn only where the service says so. */
  public static boolean enters(Income income, Counted whose, Terms terms) {
    return !income.kind().isEarned()
        || terms.childrensEarnings()
        || whose.adult()
        || whose.applicant()
        || whose.person().role() == Role.SPOUSE;
  }

  public static @Nullable Item item(Income income, Packet packet) {
    var worth = IncomeWorth.of(income, packet);
    return worth == null
        ? null
        : new Item(
            income.person(),
            income.kind().isEarned(),
            worth.frequency(),
            worth.periodLow(),
            worth.periodHigh(),
            worth.low(),
            worth.high(),
            worth.yearlyLow(),
            worth.yearlyHigh());
  }

  public static Size size(List<?> counted) {
    var weight = BigDecimal.ONE;
    for (var one : counted) {
      var person = (Counted) one;
      if (!person.applicant()) {
        weight = weight.add(person.age() >= HEAVIER_FROM ? FROM_14 : UNDER_14);
      }
    }
    return new Size(counted.size(), weight);
  }

  public static Totals totals(List<?> items) {
    Frequency one = null;
    var mixed = false;
    var disputed = false;
    var sums = new BigDecimal[8];
    java.util.Arrays.fill(sums, BigDecimal.ZERO);
    for (var each : items) {
      var item = (Item) each;
      mixed |= one != null && one != item.frequency();
      one = item.frequency();
      disputed |= item.isDisputed();
      sums[0] = sums[0].add(item.periodLow());
      sums[1] = sums[1].add(item.periodHigh());
      sums[2] = sums[2].add(item.yearlyLow());
      sums[3] = sums[3].add(item.yearlyHigh());
      sums[4] = sums[4].add(item.low());
      sums[5] = sums[5].add(item.high());
      if (item.earned()) {
        sums[6] = sums[6].add(item.low());
        sums[7] = sums[7].add(item.high());
      }
    }
    var by = mixed || one == null ? 2 : 0;
    return new Totals(
        disputed,
        by == 2 ? null : one,
        sums[by],
        sums[by + 1],
        sums[3],
        sums[4],
        sums[5],
        sums[6],
        sums[7]);
  }

  public static boolean agrees(Packet packet, Size size) {
    var answers = (SchoolMealsAnswers) packet.requests().get(0).answers();
    return answers.householdTotal() != null && answers.householdTotal() == size.people();
  }

  public static boolean isSigned(Signature signature, Person person) {
    return (person.residentNumber() != null || person.residentNumberMissing() != null)
        && Names.compare(person, signature.name()) == NameMatch.SAME;
  }

  private static String tier(BigDecimal total, BigDecimal need, BigDecimal periods) {
    if (total.compareTo(need.multiply(FREE).divide(periods, 0, RoundingMode.CEILING)) <= 0) {
      return "free";
    }
    return total.compareTo(need.multiply(REDUCED).divide(periods, 0, RoundingMode.CEILING)) <= 0
        ? "reduced"
        : "full";
  }

  /** The test of the income of School Meals, and the price of each child. */
  public static void meals(
      Verdict verdict, Terms terms, Size size, Totals totals, List<?> children) {
    var need = terms.base().multiply(size.weight());
    var periods =
        totals.one() == null ? BigDecimal.ONE : BigDecimal.valueOf(totals.one().periods());
    var tier = tier(totals.high(), need, periods);
    var someFree = children.stream().anyMatch(child -> ((Child) child).freely());
    if (totals.disputed() && !tier(totals.low(), need, periods).equals(tier)) {
      verdict.test("SM-INCOME", Outcome.UNKNOWN);
    } else if (tier.equals("full")) {
      verdict.test("SM-INCOME", someFree ? Outcome.NOT_APPLICABLE : Outcome.NOT_MET);
    } else {
      verdict.test("SM-INCOME", Outcome.MET);
    }
    prices(verdict, children, tier);
    verdict.amount(
        "nearLimit",
        isNear(need.multiply(FREE), totals.yearlyHigh())
            || isNear(need.multiply(REDUCED), totals.yearlyHigh()));
  }

  private static boolean isNear(BigDecimal limit, BigDecimal total) {
    var left = limit.setScale(0, RoundingMode.CEILING).subtract(total);
    return left.signum() >= 0 && left.compareTo(NEAR) <= 0;
  }

  public static void freeMeals(Verdict verdict, List<?> children) {
    prices(verdict, children, "free");
    verdict.amount("nearLimit", false);
  }

  private static void prices(Verdict verdict, List<?> children, String tier) {
    var prices = new LinkedHashMap<String, String>();
    for (var each : children) {
      var child = (Child) each;
      if (child.age() >= 3 && child.age() <= 19) {
        prices.put(child.id(), child.freely() ? "free" : tier);
      }
    }
    verdict.amount("children", prices);
  }

  static LocalDate until(LocalDate lodged) {
    var ends = lodged.getMonthValue() < AUGUST ? lodged.getYear() : lodged.getYear() + 1;
    return LocalDate.of(ends, 10, 15);
  }
}
