package civitane.bench;

import civitane.core.facts.Benefit;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.identity.CheckDigits;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.services.schoolmeals.SchoolMealsAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** School Meals as straight-line Java that explains nothing: the outcome and the prices, as the rules come to them. */
final class MealsFloor {
  private static final BigDecimal BASE = new BigDecimal("13200");
  private static final BigDecimal BASE_BEFORE = new BigDecimal("12800");
  private static final LocalDate NEWER_BOOK = LocalDate.of(2026, 7, 1);
  private static final BigDecimal FREE = new BigDecimal("1.20");
  private static final BigDecimal REDUCED = new BigDecimal("1.70");
  private static final BigDecimal NEAR = new BigDecimal("900");
  private static final int AGE_FROM = 3;
  private static final int AGE_TO = 19;
  private static final int ADULT = 18;
  private static final int AUGUST = 8;

  private MealsFloor() {}

  /** What it comes to; prices, end and nearness only where entitled. */
  record Outcome(
      String word, Map<String, String> prices, @Nullable LocalDate until, boolean near) {}

  static Outcome of(Packet packet, boolean determine) {
    var household = packet.household();
    var answers = (SchoolMealsAnswers) packet.requests().get(0).answers();
    var income = new IncomeFloor(packet, true, true);
    var children = new LinkedHashMap<String, Boolean>();
    var free = new LinkedHashMap<String, Boolean>();
    var allFree = true;
    var someFree = false;
    var anyUnknown = false;
    var allNotMet = true;
    var unnamed = false;
    for (var child : answers.named()) {
      var id = child.person();
      if (id == null) {
        unnamed = true;
        continue;
      }
      if (children.containsKey(id)) {
        continue;
      }
      var person = known(income.person(id));
      var met = child(person, child, income);
      children.put(id, met);
      anyUnknown |= met == null;
      allNotMet &= Boolean.FALSE.equals(met);
      var freely = household.receives(Benefit.HOUSEHOLD_ALLOWANCE)
          || child.homeless()
          || hasBenefitNumber(answers)
          || person.role() == Role.FOSTER_CHILD;
      free.put(id, freely);
      allFree &= freely;
      someFree |= freely;
    }
    var none = children.isEmpty();
    allFree &= !none;
    var failed = !none && !unnamed && allNotMet;
    var unknown = none || unnamed || anyUnknown;
    if (!allFree) {
      var stated = answers.householdTotal();
      unknown |= stated == null || stated != income.people;
    }
    if (determine) {
      unknown |= !isSigned(packet, income);
    }
    String tier = "free";
    if (!allFree) {
      if (!income.known) {
        unknown = true;
      } else {
        tier = tier(packet, income, true);
        if (income.disputed && !tier(packet, income, false).equals(tier)) {
          unknown = true;
        } else if (tier.equals("full") && !someFree) {
          failed = true;
        }
      }
    }
    if (failed) {
      return new Outcome("notEntitled", Map.of(), null, false);
    }
    if (unknown) {
      return new Outcome("unknown", Map.of(), null, false);
    }
    var prices = new LinkedHashMap<String, String>();
    for (var child : children.entrySet()) {
      if (child.getValue()) {
        prices.put(child.getKey(), known(free.get(child.getKey())) ? "free" : tier);
      }
    }
    var lodged = packet.assessedOn();
    var ends = lodged.getMonthValue() < AUGUST ? lodged.getYear() : lodged.getYear() + 1;
    return new Outcome(
        "entitled", prices, LocalDate.of(ends, 10, 15), !allFree && isNear(packet, income));
  }

  private static @Nullable Boolean child(
      Person person, SchoolMealsAnswers.Child child, IncomeFloor income) {
    if (person.birthDate() == null) {
      return null;
    }
    var age = income.age(person);
    if (age < AGE_FROM || age > AGE_TO) {
      return false;
    }
    return child.school() != null ? true : null;
  }

  private static boolean hasBenefitNumber(SchoolMealsAnswers answers) {
    var number = answers.benefitNumber();
    return number != null
        && number.strip().matches("HA-\\d{6}-\\d")
        && CheckDigits.isRight(number.strip().substring(3).replace("-", ""));
  }

  private static boolean isSigned(Packet packet, IncomeFloor income) {
    for (var signature : packet.signatures()) {
      var person = known(income.person(signature.person()));
      if (income.counts(person)
          && (person.birthDate() == null || income.age(person) >= ADULT)
          && (person.residentNumber() != null || person.residentNumberMissing() != null)
          && Names.compare(person, signature.name()) == NameMatch.SAME) {
        return true;
      }
    }
    return false;
  }

  private static BigDecimal base(Packet packet, IncomeFloor income) {
    return (packet.assessedOn().isBefore(NEWER_BOOK) ? BASE_BEFORE : BASE).multiply(income.weight);
  }

  private static String tier(Packet packet, IncomeFloor income, boolean high) {
    var every = income.mixed ? null : income.one;
    var by = every != null;
    var total = by
        ? high ? income.periodHigh : income.periodLow
        : high ? income.yearlyHigh : income.yearlyLow;
    var periods = every == null ? BigDecimal.ONE : BigDecimal.valueOf(every.periods());
    var need = base(packet, income);
    if (total.compareTo(need.multiply(FREE).divide(periods, 0, RoundingMode.CEILING)) <= 0) {
      return "free";
    }
    return total.compareTo(need.multiply(REDUCED).divide(periods, 0, RoundingMode.CEILING)) <= 0
        ? "reduced"
        : "full";
  }

  private static boolean isNear(Packet packet, IncomeFloor income) {
    var need = base(packet, income);
    var toFree = need.multiply(FREE).setScale(0, RoundingMode.CEILING).subtract(income.yearlyHigh);
    var toReduced =
        need.multiply(REDUCED).setScale(0, RoundingMode.CEILING).subtract(income.yearlyHigh);
    return toFree.signum() >= 0 && toFree.compareTo(NEAR) <= 0
        || toReduced.signum() >= 0 && toReduced.compareTo(NEAR) <= 0;
  }
}
