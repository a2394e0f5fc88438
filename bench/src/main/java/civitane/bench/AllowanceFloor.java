package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** The Household Allowance as straight-line Java that explains nothing: the outcome and the amounts, as the rules come to them. */
public final class AllowanceFloor {
  private static final BigDecimal GROSS = new BigDecimal("1.50");
  private static final BigDecimal NET = new BigDecimal("1.10");
  private static final BigDecimal RESOURCES = new BigDecimal("3600");
  private static final BigDecimal RESOURCES_OLDER = new BigDecimal("5400");
  private static final BigDecimal CONTRIBUTION = new BigDecimal("0.35");
  private static final BigDecimal LEAST = new BigDecimal("24");
  private static final BigDecimal SMALLEST_FIRST = new BigDecimal("12");
  private static final int CARE_UNDER = 13;
  private static final int ADULT = 18;
  private static final int RECENT_DAYS = 100;

  private AllowanceFloor() {}

  /** What it comes to; amounts only where entitled, urgency as soon as it is known. */
  record Outcome(
      String word,
      @Nullable BigDecimal gross,
      @Nullable BigDecimal net,
      @Nullable BigDecimal monthly,
      @Nullable BigDecimal firstMonth,
      @Nullable Boolean urgent,
      boolean provisional) {}

  static Outcome of(Packet packet, boolean determine) {
    var income = new IncomeFloor(packet, false, false);
    var olderOrDisabled = false;
    var caredFor = false;
    var ages = true;
    for (var person : packet.household().people()) {
      if (income.counts(person)) {
        ages &= person.birthDate() != null;
        olderOrDisabled |= AllowanceBudget.isOlderOrDisabled(person, income);
        caredFor |= person.birthDate() != null && income.age(person) < CARE_UNDER
            || person.disabled() && (person.birthDate() == null || income.age(person) >= ADULT);
      }
    }
    var newer = AllowanceBudget.isNewer(packet);
    var budget = new AllowanceBudget(packet, income, olderOrDisabled, caredFor);
    var failed = false;
    var unknown = false;
    var address = packet.household().address();
    if (address.noFixedAddress()) {
      failed = Boolean.FALSE.equals(address.tiesToDistrict());
      unknown = address.tiesToDistrict() == null;
    } else if (address.postcode() == null) {
      unknown = true;
    } else {
      failed = !covers(address.postcode());
    }
    var base = new BigDecimal(newer ? "13200" : "12800").multiply(income.weight);
    var liquid = budget.liquid();
    var owned = liquid == null ? null : budget.owned(liquid);
    if (owned == null) {
      unknown = true;
    } else if (ages || olderOrDisabled) {
      failed |= owned.compareTo(olderOrDisabled ? RESOURCES_OLDER : RESOURCES) > 0;
    } else {
      failed |= owned.compareTo(RESOURCES_OLDER) > 0;
      unknown |= owned.compareTo(RESOURCES) > 0;
    }
    @Nullable BigDecimal net = null;
    if (!income.known) {
      unknown = true;
    } else {
      if (!olderOrDisabled) {
        var limit = base.multiply(GROSS);
        failed |= income.monthlyLow.multiply(IncomeWorth.TWELVE).compareTo(limit) > 0;
        unknown |= income.monthlyHigh.multiply(IncomeWorth.TWELVE).compareTo(limit) > 0;
      }
      if (!budget.isKnown()) {
        unknown = true;
      } else {
        net = budget.net(income.monthlyHigh, income.earnedHigh);
        var limit = base.multiply(NET);
        var low = income.disputed ? budget.net(income.monthlyLow, income.earnedLow) : net;
        failed |= low.multiply(IncomeWorth.TWELVE).compareTo(limit) > 0;
        unknown |= net.multiply(IncomeWorth.TWELVE).compareTo(limit) > 0;
      }
    }
    var urgent = budget.urgent(liquid);
    var hastens = determine && Boolean.TRUE.equals(urgent);
    if (determine) {
      var who = packet.household().applicant();
      var level = Identity.of(packet.household(), who, packet.papers(), packet.asOf(), RECENT_DAYS)
          .level();
      unknown |= level.compareTo(hastens ? IdentityLevel.PARTIAL : IdentityLevel.STANDARD) > 0;
      unknown |= !hastens && !PapersFloor.areIn(packet, income, budget.rents(), budget.heats());
    }
    if (failed || unknown) {
      var word = failed ? "notEntitled" : "unknown";
      return new Outcome(word, null, null, null, null, urgent, false);
    }
    var most = new BigDecimal(newer ? "285" : "275")
        .add(
            new BigDecimal(newer ? "195" : "188").multiply(BigDecimal.valueOf(income.people - 1L)));
    var monthly = most.subtract(known(net).multiply(CONTRIBUTION).setScale(0, RoundingMode.CEILING))
        .max(LEAST);
    var days = packet.assessedOn().lengthOfMonth();
    var left = days - packet.assessedOn().getDayOfMonth() + 1;
    var first = monthly
        .multiply(BigDecimal.valueOf(left))
        .divide(BigDecimal.valueOf(days), 0, RoundingMode.FLOOR);
    return new Outcome(
        "entitled",
        income.monthlyHigh,
        net,
        monthly,
        first.compareTo(SMALLEST_FIRST) < 0 ? BigDecimal.ZERO : first,
        urgent,
        hastens);
  }

  public static boolean covers(String postcode) {
    var code = postcode.replace(" ", "").toUpperCase(java.util.Locale.ROOT);
    if (!code.matches("BK\\d{1,6}")) {
      return false;
    }
    var number = Integer.parseInt(code.substring(2));
    return number >= 10 && number <= 69;
  }
}
