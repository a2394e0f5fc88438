package civitane.bench;

import civitane.core.facts.AssetKind;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;

/** The Living Allowance as straight-line Java that explains nothing: the outcome and the amounts, as the rules come to them. */
final class AllowanceFloor {
  private static final LocalDate NEWER_BOOK = LocalDate.of(2026, 7, 1);
  private static final BigDecimal TWELVE = BigDecimal.valueOf(12);
  private static final BigDecimal GROSS = new BigDecimal("1.50");
  private static final BigDecimal NET = new BigDecimal("1.10");
  private static final BigDecimal RESOURCES = new BigDecimal("3600");
  private static final BigDecimal RESOURCES_OLDER = new BigDecimal("5400");
  private static final BigDecimal VEHICLE_FREE = new BigDecimal("5500");
  private static final BigDecimal DISREGARD = new BigDecimal("0.25");
  private static final BigDecimal BASIC_FIRST = new BigDecimal("150");
  private static final BigDecimal BASIC_EACH = new BigDecimal("28");
  private static final BigDecimal MEDICAL_FROM = new BigDecimal("48");
  private static final BigDecimal SHARE = new BigDecimal("0.45");
  private static final BigDecimal CONTRIBUTION = new BigDecimal("0.35");
  private static final BigDecimal LEAST = new BigDecimal("24");
  private static final BigDecimal SMALLEST_FIRST = new BigDecimal("12");
  private static final BigDecimal URGENT_INCOME = new BigDecimal("190");
  private static final BigDecimal URGENT_LIQUID = new BigDecimal("140");
  private static final int OLDER = 63;
  private static final int CARE_UNDER = 13;
  private static final int ADULT = 18;
  private static final int RECENT_DAYS = 100;

  private final Packet packet;
  private final IncomeFloor income;
  private final boolean newer;
  private boolean olderOrDisabled;
  private boolean caredFor;
  private BigDecimal shelter;
  private BigDecimal childcare = BigDecimal.ZERO;
  private BigDecimal support = BigDecimal.ZERO;
  private BigDecimal medical = BigDecimal.ZERO;
  private boolean expensesKnown = true;
  private boolean shelterKnown = true;
  private boolean rents;
  private boolean heats;

  private AllowanceFloor(Packet packet) {
    this.packet = packet;
    this.income = new IncomeFloor(packet, false, false);
    this.newer = !packet.lodgedOn().isBefore(NEWER_BOOK);
  }

  /** What it comes to; amounts only where entitled, urgency as soon as it is known. */
  record Outcome(
      String word,
      BigDecimal gross,
      BigDecimal net,
      BigDecimal monthly,
      BigDecimal firstMonth,
      Boolean urgent,
      boolean provisional) {}

  static Outcome of(Packet packet, boolean determine) {
    return new AllowanceFloor(packet).work(determine);
  }

  private Outcome work(boolean determine) {
    for (var person : packet.household().people()) {
      if (income.counts(person)) {
        olderOrDisabled |= isOlderOrDisabled(person);
        caredFor |= person.birthDate() != null && income.age(person) < CARE_UNDER
            || person.disabled() && isAdult(person);
      }
    }
    expenses();
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
    var liquid = liquid();
    var owned = liquid == null ? null : owned(liquid);
    var ages = packet.household().people().stream()
        .allMatch(person -> !income.counts(person) || person.birthDate() != null);
    if (!ages || owned == null) {
      unknown = true;
    } else {
      failed |= owned.compareTo(olderOrDisabled ? RESOURCES_OLDER : RESOURCES) > 0;
    }
    BigDecimal net = null;
    if (!income.known) {
      unknown = true;
    } else {
      if (!olderOrDisabled) {
        var limit = base.multiply(GROSS);
        failed |= income.monthlyLow.multiply(TWELVE).compareTo(limit) > 0;
        unknown |= income.monthlyHigh.multiply(TWELVE).compareTo(limit) > 0;
      }
      if (!expensesKnown || !shelterKnown) {
        unknown = true;
      } else {
        net = net(income.monthlyHigh, income.earnedHigh);
        var limit = base.multiply(NET);
        var low = income.disputed ? net(income.monthlyLow, income.earnedLow) : net;
        failed |= low.multiply(TWELVE).compareTo(limit) > 0;
        unknown |= net.multiply(TWELVE).compareTo(limit) > 0;
      }
    }
    var urgent = urgent(liquid);
    var hastens = determine && Boolean.TRUE.equals(urgent);
    if (determine) {
      var who = packet.household().applicant();
      var level = Identity.of(who, packet.papers(), packet.asOf(), RECENT_DAYS).level();
      unknown |= level.compareTo(hastens ? IdentityLevel.PARTIAL : IdentityLevel.STANDARD) > 0;
      unknown |= !hastens && !PapersFloor.areIn(packet, income, rents, heats);
    }
    if (failed || unknown) {
      var word = failed ? "notEntitled" : "unknown";
      return new Outcome(word, null, null, null, null, urgent, false);
    }
    var most = new BigDecimal(newer ? "285" : "275")
        .add(
            new BigDecimal(newer ? "195" : "188").multiply(BigDecimal.valueOf(income.people - 1L)));
    var monthly = most.subtract(net.multiply(CONTRIBUTION).setScale(0, RoundingMode.CEILING))
        .max(LEAST);
    var days = packet.lodgedOn().lengthOfMonth();
    var left = days - packet.lodgedOn().getDayOfMonth() + 1;
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

  private static boolean covers(String postcode) {
    var code = postcode.replace(" ", "").toUpperCase(java.util.Locale.ROOT);
    if (!code.matches("BK\\d{1,6}")) {
      return false;
    }
    var number = Integer.parseInt(code.substring(2));
    return number >= 10 && number <= 69;
  }

  private boolean isAdult(Person person) {
    return person.birthDate() == null || income.age(person) >= ADULT;
  }

  private boolean isOlderOrDisabled(Person person) {
    return person.disabled() || person.birthDate() != null && income.age(person) >= OLDER;
  }

  private void expenses() {
    BigDecimal rent = null;
    BigDecimal heating = null;
    var rentKnown = true;
    var heatingKnown = true;
    for (var expense : packet.household().expenses()) {
      if (!expense.recurs()) {
        continue;
      }
      var amount = expense.amount() == null || expense.frequency() == null
          ? null
          : expense
              .amount()
              .toDecimal()
              .multiply(BigDecimal.valueOf(expense.frequency().periods()))
              .divide(TWELVE, 2, RoundingMode.HALF_UP);
      var ours = income.isCounted(expense.person());
      if (expense.kind() == ExpenseKind.MEDICAL) {
        var theirs = expense.person() == null
            ? olderOrDisabled
            : ours && isOlderOrDisabled(income.person(expense.person()));
        if (theirs) {
          expensesKnown &= amount != null;
          medical = amount == null ? medical : medical.add(amount);
        }
        continue;
      }
      if (!ours) {
        continue;
      }
      switch (expense.kind()) {
        case CHILDCARE -> {
          if (caredFor) {
            expensesKnown &= amount != null;
            childcare = amount == null ? childcare : childcare.add(amount);
          }
        }
        case SUPPORT_PAID -> {
          expensesKnown &= amount != null;
          support = amount == null ? support : support.add(amount);
        }
        case HEATING -> {
          heatingKnown &= amount != null;
          heating = amount == null ? heating : heating == null ? amount : heating.add(amount);
        }
        default -> {
          rentKnown &= amount != null;
          rent = amount == null ? rent : rent == null ? amount : rent.add(amount);
        }
      }
    }
    var said = packet.requests().get(0).answers().group("shelter");
    var paysRent = restated(rent, rentKnown, said == null ? null : said.number("rentOrMortgage"));
    var paysHeating = restated(heating, heatingKnown, said == null ? null : said.number("heating"));
    rents = paysRent != null && paysRent.signum() > 0;
    heats = paysHeating != null && paysHeating.signum() > 0;
    shelter = shelterKnown ? paysRent.add(paysHeating) : null;
  }

  /** The monthly value of an expense that an answer may repeat; they must agree. */
  private BigDecimal restated(BigDecimal sum, boolean sumKnown, civitane.core.money.Amount answer) {
    var said = answer == null ? null : answer.toDecimal();
    if (!sumKnown) {
      shelterKnown &= said != null;
      return said;
    }
    if (sum == null) {
      return said == null ? BigDecimal.ZERO : said;
    }
    shelterKnown &= said == null || said.compareTo(sum) == 0;
    return said == null ? sum : said;
  }

  private BigDecimal liquid() {
    var sum = BigDecimal.ZERO;
    for (var asset : packet.household().assets()) {
      if (asset.kind().isLiquid() && income.isCounted(asset.person())) {
        if (asset.value() == null) {
          return null;
        }
        sum = sum.add(asset.value().toDecimal());
      }
    }
    return sum;
  }

  private BigDecimal owned(BigDecimal liquid) {
    var sum = liquid;
    var first = true;
    for (var asset : packet.household().assets()) {
      if (asset.kind() == AssetKind.VEHICLE && income.isCounted(asset.person())) {
        if (asset.value() == null) {
          return null;
        }
        var value = asset.value().toDecimal();
        sum = sum.add(first ? value.subtract(VEHICLE_FREE).max(BigDecimal.ZERO) : value);
        first = false;
      }
    }
    return sum;
  }

  private BigDecimal net(BigDecimal gross, BigDecimal earned) {
    var running = less(gross, earned.multiply(DISREGARD));
    running =
        less(running, BASIC_FIRST.add(BASIC_EACH.multiply(BigDecimal.valueOf(income.people - 1L))));
    running = less(running, childcare);
    running = less(running, support);
    running = less(running, medical.subtract(MEDICAL_FROM).max(BigDecimal.ZERO));
    var excess = shelter.subtract(running.multiply(SHARE)).max(BigDecimal.ZERO);
    return less(
        running, olderOrDisabled ? excess : excess.min(new BigDecimal(newer ? "570" : "545")));
  }

  private static BigDecimal less(BigDecimal running, BigDecimal deduction) {
    return running.subtract(deduction).setScale(2, RoundingMode.HALF_UP).max(BigDecimal.ZERO);
  }

  private Boolean urgent(BigDecimal liquid) {
    if (!income.known || liquid == null) {
      return null;
    }
    var high = urgent(income.monthlyHigh, liquid);
    return income.disputed && high != urgent(income.monthlyLow, liquid) ? null : high;
  }

  private Boolean urgent(BigDecimal monthly, BigDecimal liquid) {
    if (monthly.compareTo(URGENT_INCOME) < 0 && liquid.compareTo(URGENT_LIQUID) < 0) {
      return Boolean.TRUE;
    }
    return shelter == null ? null : Boolean.valueOf(shelter.compareTo(monthly.add(liquid)) > 0);
  }
}
