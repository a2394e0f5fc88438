package civitane.app.decisions;

import civitane.app.catalogue.DeskWords;
import civitane.app.determining.Screenings;
import civitane.core.facts.Frequency;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.income.WageEvidence;
import civitane.core.money.Amount;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.words.Voice;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.DecimalNode;
import tools.jackson.databind.node.StringNode;

import static civitane.core.facts.Known.known;

/** What a claim comes to at both ends of the wages that are disputed. */
@Component
class DisputedEnds {
  /** What else speaks for a wage, and how it may have been told. */
  private static final List<String> ALSO =
      List.of("registerMonthly", "payslips", "hourlyRate", "hoursPerWeek");

  private final Screenings screenings;

  DisputedEnds(Screenings screenings) {
    this.screenings = screenings;
  }

  /** The low end and the high one; none where no wage is disputed. */
  List<LedgerView.End> of(Packet packet) {
    var disputed = disputed(packet);
    return disputed.isEmpty()
        ? List.of()
        : List.of(end(packet, disputed, false), end(packet, disputed, true));
  }

  /** The disputed wages by where they stand. */
  private Map<String, WageEvidence> disputed(Packet packet) {
    var disputed = new LinkedHashMap<String, WageEvidence>();
    var household = packet.household();
    for (var i = 0; i < household.incomes().size(); i++) {
      var income = household.incomes().get(i);
      if (income.kind() == IncomeKind.WAGES) {
        var evidence = WageEvidence.of(
            income,
            household.person(income.person()).orElse(household.applicant()),
            screenings.book(packet).incomeCheck(),
            packet.assessedOn(),
            packet.asOf());
        if (evidence.isDisputed()) {
          disputed.put("/household/incomes/" + i, evidence);
        }
      }
    }
    return disputed;
  }

  private LedgerView.End end(Packet packet, Map<String, WageEvidence> disputed, boolean high) {
    var facts = screenings.changing(packet);
    disputed.forEach((place, evidence) -> {
      Amount amount = known(high ? evidence.high() : evidence.low());
      facts.put(place + "/amount", DecimalNode.valueOf(amount.toDecimal()));
      facts.put(place + "/frequency", StringNode.valueOf(Frequency.MONTHLY.word()));
      ALSO.forEach(one -> facts.remove(place + "/" + one));
    });
    var result = screenings
        .results(facts.packet("The ends of what is disputed can't be read."), Mode.DETERMINE)
        .get(0);
    return new LedgerView.End(
        high,
        Tried.Comes.to(result),
        result.checks().stream()
            .filter(check -> check.is(Outcome.NOT_MET))
            .map(check -> DeskWords.WORDS.say(check.reasons(), Voice.DESK))
            .toList(),
        result.checks().stream()
            .filter(check -> check.is(Outcome.UNKNOWN))
            .map(check -> DeskWords.WORDS.check(result.service(), check.id()))
            .toList());
  }
}
