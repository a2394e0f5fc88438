package civitane.bench.engine;

import civitane.bench.AllowanceBudget;
import civitane.bench.AllowanceFloor;
import civitane.bench.IncomeFloor;
import civitane.bench.PapersFloor;
import civitane.bench.engine.Facts.Size;
import civitane.bench.engine.Facts.Terms;
import civitane.bench.engine.Facts.Totals;
import civitane.core.facts.Packet;
import civitane.core.identity.Identity;
import civitane.core.identity.IdentityLevel;
import civitane.core.rules.Outcome;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** The sums of the Household Allowance that the engine's rules call for. */
public final class AllowanceArithmetic {
  private static final BigDecimal TWELVE = BigDecimal.valueOf(12);
  private static final BigDecimal GROSS = new BigDecimal("1.50");
  private static final BigDecimal NET = new BigDecimal("1.10");
  private static final BigDecimal RESOURCES = new BigDecimal("3600");
  private static final BigDecimal RESOURCES_OLDER = new BigDecimal("5400");
  private static final BigDecimal CONTRIBUTION = new BigDecimal("0.35");
  private static final BigDecimal LEAST = new BigDecimal("24");
  private static final BigDecimal SMALLEST_FIRST = new BigDecimal("12");
  private static final int RECENT_DAYS = 100;

  private AllowanceArithmetic() {}

  /** Somebody counted is older or disabled. */
  public record OlderOrDisabled() {}

  /** Somebody counted needs care. */
  public record CaredFor() {}

  /** What is paid and owned. */
  public record Budget(AllowanceBudget sums, boolean olderOrDisabled) {}

  public static Outcome residence(Packet packet) {
    var address = packet.household().address();
    if (address.noFixedAddress()) {
      return address.tiesToDistrict() == null
          ? Outcome.UNKNOWN
          : address.tiesToDistrict() ? Outcome.MET : Outcome.NOT_MET;
    }
    if (address.postcode() == null) {
      return Outcome.UNKNOWN;
    }
    return AllowanceFloor.covers(address.postcode()) ? Outcome.MET : Outcome.NOT_MET;
  }

  public static Budget budget(Packet packet, List<?> counted, boolean older, boolean cared) {
    var income = new IncomeFloor(packet, false, false);
    return new Budget(new AllowanceBudget(packet, income, older, cared), older);
  }

  public static Outcome resources(Budget budget, boolean agesKnown) {
    var liquid = budget.sums().liquid();
    var owned = liquid == null ? null : budget.sums().owned(liquid);
    var between =
        owned != null && owned.compareTo(RESOURCES) > 0 && owned.compareTo(RESOURCES_OLDER) <= 0;
    if (owned == null || !agesKnown && !budget.olderOrDisabled() && between) {
      return Outcome.UNKNOWN;
    }
    return owned.compareTo(budget.olderOrDisabled() ? RESOURCES_OLDER : RESOURCES) <= 0
        ? Outcome.MET
        : Outcome.NOT_MET;
  }

  private static Outcome within(BigDecimal low, BigDecimal high, BigDecimal yearlyLimit) {
    if (high.multiply(TWELVE).compareTo(yearlyLimit) <= 0) {
      return Outcome.MET;
    }
    return low.multiply(TWELVE).compareTo(yearlyLimit) > 0 ? Outcome.NOT_MET : Outcome.UNKNOWN;
  }

  public static Outcome gross(Terms terms, Size size, Totals totals) {
    return within(
        totals.monthlyLow(),
        totals.monthlyHigh(),
        terms.base().multiply(size.weight()).multiply(GROSS));
  }

  public static Outcome net(Verdict verdict, Terms terms, Size size, Totals totals, Budget budget) {
    if (!budget.sums().isKnown()) {
      return Outcome.UNKNOWN;
    }
    var high = budget.sums().net(totals.monthlyHigh(), totals.earnedHigh());
    verdict.amount("net", high);
    return within(
        budget.sums().net(totals.monthlyLow(), totals.earnedLow()),
        high,
        terms.base().multiply(size.weight()).multiply(NET));
  }

  public static void urgency(Verdict verdict, Totals totals, Budget budget) {
    var urgent = budget.sums().urgent(budget.sums().liquid());
    if (urgent != null) {
      verdict.amount("urgent", urgent);
    }
  }

  private static boolean hastens(Verdict verdict) {
    return Boolean.TRUE.equals(verdict.amounts().get("urgent"));
  }

  public static Outcome identity(Verdict verdict, Packet packet) {
    var who = packet.household().applicant();
    var level = Identity.of(packet.household(), who, packet.papers(), packet.asOf(), RECENT_DAYS)
        .level();
    var wanted = hastens(verdict) ? IdentityLevel.PARTIAL : IdentityLevel.STANDARD;
    return level.compareTo(wanted) <= 0 ? Outcome.MET : Outcome.UNKNOWN;
  }

  public static Outcome papers(Verdict verdict, Packet packet, Budget budget) {
    var income = new IncomeFloor(packet, false, false);
    return hastens(verdict)
            || PapersFloor.areIn(
                packet, income, budget.sums().rents(), budget.sums().heats())
        ? Outcome.MET
        : Outcome.UNKNOWN;
  }

  public static void award(Verdict verdict, Packet packet, Terms terms, Size size, Totals totals) {
    if (!verdict.outcome().equals("entitled")) {
      return;
    }
    var newer = AllowanceBudget.isNewer(packet);
    var more = BigDecimal.valueOf(size.people() - 1L);
    var most = new BigDecimal(newer ? "285" : "275")
        .add(new BigDecimal(newer ? "195" : "188").multiply(more));
    var net = verdict.number("net");
    var monthly = most.subtract(net.multiply(CONTRIBUTION).setScale(0, RoundingMode.CEILING))
        .max(LEAST);
    var days = packet.assessedOn().lengthOfMonth();
    var left = BigDecimal.valueOf(days - packet.assessedOn().getDayOfMonth() + 1L);
    var first = monthly.multiply(left).divide(BigDecimal.valueOf(days), 0, RoundingMode.FLOOR);
    verdict.amount("gross", totals.monthlyHigh());
    verdict.amount("monthly", monthly);
    verdict.amount("firstMonth", first.compareTo(SMALLEST_FIRST) < 0 ? BigDecimal.ZERO : first);
  }
}
