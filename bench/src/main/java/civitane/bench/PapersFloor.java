package civitane.bench;

import civitane.core.facts.Income;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Payslip;
import civitane.core.facts.Role;
import java.util.HashSet;
import java.util.List;

import static civitane.core.facts.Known.known;

/** Whether the papers of a Household Allowance are in, without saying which are not. */
public final class PapersFloor {
  private static final int ADULT = 18;
  private static final int WINDOW = 75;

  private PapersFloor() {}

  public static boolean areIn(Packet packet, IncomeFloor counted, boolean rents, boolean heats) {
    for (var income : packet.household().incomes()) {
      var person = known(counted.person(income.person()));
      if (counted.counts(person)
          && income.kind().isCounted()
          && income.isRecurringOn(packet.assessedOn())
          && !isChildsWage(counted, income)
          && !isShown(packet, income)) {
        return false;
      }
    }
    var liquid = packet.household().listedAssets().stream()
        .anyMatch(asset -> asset.kind().isLiquid() && counted.isCounted(asset.person()));
    for (var person : packet.household().people()) {
      var adult = person.birthDate() == null || counted.age(person) >= ADULT;
      if (liquid
          && adult
          && counted.counts(person)
          && packet.papers().stream()
              .noneMatch(paper -> paper.isEvidence()
                  && paper.kind() == PaperKind.BANK_STATEMENT
                  && person.id().equals(paper.person()))) {
        return false;
      }
    }
    return (!rents
            || has(packet, PaperKind.LEASE)
            || has(packet, PaperKind.MORTGAGE_STATEMENT)
            || has(packet, PaperKind.TENANCY_PROOF))
        && (!heats || has(packet, PaperKind.UTILITY_BILL));
  }

  private static boolean isChildsWage(IncomeFloor counted, Income income) {
    var person = known(counted.person(income.person()));
    return income.kind().isEarned()
        && person.role() != Role.APPLICANT
        && person.role() != Role.SPOUSE
        && person.birthDate() != null
        && counted.age(person) < ADULT;
  }

  private static boolean has(Packet packet, PaperKind kind) {
    return packet.papers().stream().anyMatch(paper -> paper.isEvidence() && paper.kind() == kind);
  }

  private static long of(Packet packet, Income income, PaperKind... kinds) {
    return packet.papers().stream()
        .filter(Paper::isEvidence)
        .filter(paper -> income.id().equals(paper.income()))
        .filter(paper -> List.of(kinds).contains(paper.kind()))
        .count();
  }

  private static boolean isShown(Packet packet, Income income) {
    return switch (income.kind()) {
      case WAGES -> isWageShown(packet, income);
      case SELF_EMPLOYMENT ->
        of(packet, income, PaperKind.BUSINESS_BOOKS, PaperKind.TAX_RETURN) > 0;
      case PENSION, DISABILITY_PENSION, UNEMPLOYMENT_PAY ->
        of(packet, income, PaperKind.BENEFIT_LETTER) > 0;
      case FAMILY_HELP, OTHER -> of(packet, income, PaperKind.CASH_INCOME_LETTER) > 0;
      default -> of(packet, income, PaperKind.BANK_STATEMENT) > 0;
    };
  }

  private static boolean isWageShown(Packet packet, Income income) {
    var enough = IncomeWorth.enough(income, packet);
    var opens = packet.assessedOn().minusDays(WINDOW);
    var ends = income.payslips().stream()
        .map(Payslip::periodEnd)
        .filter(end -> !end.isBefore(opens) && !end.isAfter(packet.asOf()))
        .toList();
    var agree = new HashSet<>(ends).size() == ends.size();
    if (agree && (ends.size() >= enough || of(packet, income, PaperKind.PAYSLIP) >= enough)
        || of(packet, income, PaperKind.EMPLOYER_STATEMENT) > 0) {
      return true;
    }
    var worth = income.registerMonthly() == null ? null : IncomeWorth.of(income, packet);
    return worth != null && !worth.isDisputed();
  }
}
