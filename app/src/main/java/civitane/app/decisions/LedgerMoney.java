package civitane.app.decisions;

import civitane.app.catalogue.DeskWords;
import civitane.app.determining.Screenings;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.NoIncome;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.income.WageEvidence;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The money of a claim's ledger: what speaks for each wage, and who states that there is none. */
@Component
class LedgerMoney {
  private final Screenings screenings;

  LedgerMoney(Screenings screenings) {
    this.screenings = screenings;
  }

  /** Who states to have no income, those first of whom some is known all the same. */
  List<LedgerView.StatedNone> statements(Packet packet) {
    return packet.household().noIncome().stream()
        .map(stated -> stated(packet, stated))
        .sorted(Comparator.comparing(one -> one.against().isEmpty()))
        .toList();
  }

  private static LedgerView.StatedNone stated(Packet packet, NoIncome stated) {
    return new LedgerView.StatedNone(
        stated.person(),
        who(
            packet,
            packet.household().person(stated.person()).orElse(packet.household().applicant())),
        stated.since(),
        stated.livesOn(),
        stated.statedOn(),
        packet.household().incomes().stream()
            .filter(income -> stated.person().equals(income.person()))
            .filter(
                income -> income.kind().isCounted() && income.isRecurringOn(packet.assessedOn()))
            .map(LedgerMoney::called)
            .toList());
  }

  /** What speaks for each wage, what is disputed first. */
  List<LedgerView.Wage> wages(Packet packet) {
    var wages = new ArrayList<LedgerView.Wage>();
    var incomes = packet.household().incomes();
    for (var i = 0; i < incomes.size(); i++) {
      var income = incomes.get(i);
      if (income.kind() == IncomeKind.WAGES) {
        wages.add(wage(packet, income, "/household/incomes/" + i));
      }
    }
    wages.sort(Comparator.comparing(wage -> !wage.disputed()));
    return wages;
  }

  private LedgerView.Wage wage(Packet packet, Income income, String place) {
    var person =
        packet.household().person(income.person()).orElse(packet.household().applicant());
    var evidence = WageEvidence.of(
        income, person, screenings.book(packet).incomeCheck(), packet.assessedOn(), packet.asOf());
    return new LedgerView.Wage(
        place,
        who(packet, person),
        called(income),
        euros(evidence.said()),
        euros(evidence.shown()),
        euros(evidence.checked()),
        used(evidence),
        difference(evidence),
        evidence.isDisputed(),
        evidence.slips(),
        evidence.enough(),
        evidence.opens(),
        evidence.closes(),
        evidence.irregular());
  }

  private static @Nullable String euros(@Nullable Amount amount) {
    return amount == null ? null : DeskWords.WORDS.euros(amount);
  }

  private static @Nullable String used(WageEvidence evidence) {
    var low = evidence.low();
    if (low == null) {
      return null;
    }
    return evidence.isDisputed() ? euros(low) + " to " + euros(evidence.high()) : euros(low);
  }

  /** How far apart the word and what stands against it are. */
  private static @Nullable String difference(WageEvidence evidence) {
    var said = evidence.said();
    var against = evidence.shown() == null ? evidence.checked() : evidence.shown();
    return said == null || against == null || said.equals(against)
        ? null
        : euros(said.distanceTo(against));
  }

  private static String who(Packet packet, Person person) {
    return DeskWords.WORDS.who(Argument.Who.of(packet.household(), person));
  }

  private static String called(Income income) {
    return income.employer() == null
        ? DeskWords.WORDS.capital(DeskWords.WORDS.word(income.kind()))
        : income.employer();
  }
}
