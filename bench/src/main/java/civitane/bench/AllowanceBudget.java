package civitane.bench;

import civitane.core.facts.AssetKind;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.money.Amount;
import civitane.core.services.householdallowance.HouseholdAllowanceAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What a household that asks for a Household Allowance pays and owns. */
public final class AllowanceBudget {
  private static final LocalDate NEWER_BOOK = LocalDate.of(2026, 7, 1);
  private static final BigDecimal VEHICLE_FREE = new BigDecimal("5500");
  private static final BigDecimal DISREGARD = new BigDecimal("0.25");
  private static final BigDecimal BASIC_FIRST = new BigDecimal("150");
  private static final BigDecimal BASIC_EACH = new BigDecimal("28");
  private static final BigDecimal MEDICAL_FROM = new BigDecimal("48");
  private static final BigDecimal SHARE = new BigDecimal("0.45");
  private static final BigDecimal URGENT_INCOME = new BigDecimal("190");
  private static final BigDecimal URGENT_LIQUID = new BigDecimal("140");
  private static final int OLDER = 63;

  private final Packet packet;
  private final IncomeFloor income;
  private final boolean olderOrDisabled;
  private final boolean caredFor;
  private @Nullable BigDecimal shelter;
  private BigDecimal childcare = BigDecimal.ZERO;
  private BigDecimal support = BigDecimal.ZERO;
  private BigDecimal medical = BigDecimal.ZERO;
  private boolean expensesKnown = true;
  private boolean shelterKnown = true;
  private boolean rents;
  private boolean heats;

  public AllowanceBudget(
      Packet packet, IncomeFloor income, boolean olderOrDisabled, boolean caredFor) {
    this.packet = packet;
    this.income = income;
    this.olderOrDisabled = olderOrDisabled;
    this.caredFor = caredFor;
    expenses();
  }

  public boolean isOlderOrDisabled() {
    return olderOrDisabled;
  }

  public boolean isKnown() {
    return expensesKnown && shelterKnown;
  }

  public boolean rents() {
    return rents;
  }

  public boolean heats() {
    return heats;
  }

  public static boolean isNewer(Packet packet) {
    return !packet.assessedOn().isBefore(NEWER_BOOK);
  }

  static boolean isOlderOrDisabled(Person person, IncomeFloor income) {
    return person.disabled() || person.birthDate() != null && income.age(person) >= OLDER;
  }

  private void expenses() {
    @Nullable BigDecimal rent = null;
    @Nullable BigDecimal heating = null;
    var rentKnown = true;
    var heatingKnown = true;
    for (var expense : packet.household().listedExpenses()) {
      if (!expense.recurs()) {
        continue;
      }
      var amount = expense.amount() == null || expense.frequency() == null
          ? null
          : expense
              .amount()
              .toDecimal()
              .multiply(BigDecimal.valueOf(expense.frequency().periods()))
              .divide(IncomeWorth.TWELVE, 2, RoundingMode.HALF_UP);
      var ours = income.isCounted(expense.person());
      if (expense.kind() == ExpenseKind.MEDICAL) {
        var theirs = expense.person() == null
            ? olderOrDisabled
            : ours && isOlderOrDisabled(known(income.person(expense.person())), income);
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
    var said = ((HouseholdAllowanceAnswers) packet.requests().get(0).answers()).shelter();
    var paysRent = restated(rent, rentKnown, said == null ? null : said.rentOrMortgage());
    var paysHeating = restated(heating, heatingKnown, said == null ? null : said.heating());
    rents = paysRent != null && paysRent.signum() > 0;
    heats = paysHeating != null && paysHeating.signum() > 0;
    shelter = shelterKnown ? known(paysRent).add(known(paysHeating)) : null;
  }

  /** The monthly value of an expense that an answer may repeat; they must agree. */
  private @Nullable BigDecimal restated(
      @Nullable BigDecimal sum, boolean sumKnown, @Nullable Amount answer) {
    var said = answer == null ? null : answer.toDecimal();
    if (!sumKnown) {
      shelterKnown &= said != null;
      return said;
    }
    if (sum == null) {
      shelterKnown &= said != null || packet.household().expenses() != null;
      return said == null ? BigDecimal.ZERO : said;
    }
    shelterKnown &= said == null || said.compareTo(sum) == 0;
    return said == null ? sum : said;
  }

  public @Nullable BigDecimal liquid() {
    var sum = BigDecimal.ZERO;
    for (var asset : packet.household().listedAssets()) {
      if (asset.kind().isLiquid() && income.isCounted(asset.person())) {
        if (asset.value() == null) {
          return null;
        }
        sum = sum.add(asset.value().toDecimal());
      }
    }
    return sum;
  }

  public @Nullable BigDecimal owned(BigDecimal liquid) {
    var sum = liquid;
    var first = true;
    for (var asset : packet.household().listedAssets()) {
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

  public BigDecimal net(BigDecimal gross, BigDecimal earned) {
    var running = less(gross, earned.multiply(DISREGARD));
    running =
        less(running, BASIC_FIRST.add(BASIC_EACH.multiply(BigDecimal.valueOf(income.people - 1L))));
    running = less(running, childcare);
    running = less(running, support);
    running = less(running, medical.subtract(MEDICAL_FROM).max(BigDecimal.ZERO));
    var excess = known(shelter).subtract(running.multiply(SHARE)).max(BigDecimal.ZERO);
    return less(
        running,
        olderOrDisabled ? excess : excess.min(new BigDecimal(isNewer(packet) ? "570" : "545")));
  }

  private static BigDecimal less(BigDecimal running, BigDecimal deduction) {
    return running.subtract(deduction).setScale(2, RoundingMode.HALF_UP).max(BigDecimal.ZERO);
  }

  public @Nullable Boolean urgent(@Nullable BigDecimal liquid) {
    if (!income.known || liquid == null) {
      return null;
    }
    var high = urgent(income.monthlyHigh, liquid);
    return income.disputed && high != urgent(income.monthlyLow, liquid) ? null : high;
  }

  private @Nullable Boolean urgent(BigDecimal monthly, BigDecimal liquid) {
    if (monthly.compareTo(URGENT_INCOME) < 0 && liquid.compareTo(URGENT_LIQUID) < 0) {
      return Boolean.TRUE;
    }
    return shelter == null ? null : Boolean.valueOf(shelter.compareTo(monthly.add(liquid)) > 0);
  }
}
